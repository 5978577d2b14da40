<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Http\Api;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use WindowStall\Core\Pricing\Recipe\RecipeNotation;
use WindowStall\Pricing\ChangeTaxes;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\StallTaxRate;

/** Rates of tax besides each market's standard one, as programs read and write them. */
final readonly class TaxRatesController
{
    /** What a token has to be allowed to write. */
    private const WRITE = 'decide';

    public function __construct(private ChangeTaxes $change)
    {
    }

    public function index(Request $request): JsonResponse
    {
        return self::answer(self::stall($request));
    }

    public function store(Request $request): JsonResponse
    {
        $stall = self::writing($request);
        $this->change->rate($stall, null, $request->json()->all());

        return self::answer($stall);
    }

    public function update(Request $request, int $taxRate): JsonResponse
    {
        $stall = self::writing($request);
        $this->change->rate($stall, null, $request->json()->all(), self::rate($stall, $taxRate));

        return self::answer($stall);
    }

    public function destroy(Request $request, int $taxRate): JsonResponse
    {
        $stall = self::writing($request);
        $this->change->remove($stall, null, self::rate($stall, $taxRate));

        return self::answer($stall);
    }

    private static function rate(Stall $stall, int $id): StallTaxRate
    {
        return $stall->taxRates()->findOrFail($id);
    }

    private static function writing(Request $request): Stall
    {
        $stall = self::stall($request);
        abort_unless($stall->tokenCan(self::WRITE), 403, 'This token may read, and not change taxes.');

        return $stall;
    }

    private static function stall(Request $request): Stall
    {
        $stall = $request->user();
        \assert($stall instanceof Stall);

        return $stall;
    }

    private static function answer(Stall $stall): JsonResponse
    {
        $rates = $stall->taxRates()->get();

        return new JsonResponse(['data' => $rates->map(static fn (StallTaxRate $rate): array => [
            'id' => $rate->id,
            'country' => $rate->country,
            'parts' => $rate->parts,
            'postcodes' => (string) $rate->postcodes,
            'class' => $rate->class->value,
            'rate' => RecipeNotation::decimal($rate->rate_millionths),
            'from' => $rate->from_day,
            'source' => $rate->source,
        ])->all()]);
    }
}
