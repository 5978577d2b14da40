<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Http\Api;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use WindowStall\Core\Pricing\Recipe\RecipeNotation;
use WindowStall\Pricing\ChangeTaxes;
use WindowStall\Stall\Http\TokensStall;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\StallTaxRate;

/** Rates of tax besides each market's standard one, as programs read and write them. */
final readonly class TaxRatesController
{
    public function __construct(private ChangeTaxes $change)
    {
    }

    public function index(Request $request): JsonResponse
    {
        return self::answer(TokensStall::of($request));
    }

    public function store(Request $request): JsonResponse
    {
        $stall = TokensStall::writing($request, 'taxes');
        $this->change->rate($stall, null, $request->json()->all());

        return self::answer($stall);
    }

    public function update(Request $request, int $taxRate): JsonResponse
    {
        $stall = TokensStall::writing($request, 'taxes');
        $this->change->rate($stall, null, $request->json()->all(), self::rate($stall, $taxRate));

        return self::answer($stall);
    }

    public function destroy(Request $request, int $taxRate): JsonResponse
    {
        $stall = TokensStall::writing($request, 'taxes');
        $this->change->remove($stall, null, self::rate($stall, $taxRate));

        return self::answer($stall);
    }

    private static function rate(Stall $stall, int $id): StallTaxRate
    {
        return $stall->taxRates()->findOrFail($id);
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
