<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Http\Api;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use WindowStall\Core\Landing\DutyBase;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Pricing\Recipe\Fields;
use WindowStall\Core\Pricing\Recipe\RecipeNotation;
use WindowStall\Pricing\ChangePricing;
use WindowStall\Pricing\TypedCosts;
use WindowStall\Stall\Http\TokensStall;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\CostSheet;
use WindowStall\Stall\Terms\Market;
use WindowStall\Stall\Terms\ShopMarket;
use WindowStall\Stall\Words\ChangeLanguages;
use WindowStall\Support\Speech\Speech;

/** What sales to each market bear, as programs read and write it; shares are decimals. The home market's tax is the stall's. */
final readonly class MarketsController
{
    public const PRICES = ['conversion', 'own'];

    public function __construct(private ChangePricing $change, private ChangeLanguages $languages)
    {
    }

    public function index(Request $request): JsonResponse
    {
        return self::answer(TokensStall::of($request));
    }

    public function update(Request $request, string $market): JsonResponse
    {
        $stall = TokensStall::writing($request, 'markets');
        abort_unless(in_array($market, $stall->soldTo(), true), 404, 'It isn’t sold to that country.');
        $written = new Fields($request->json()->all());
        $typed = self::typed($stall, $written, $market);
        $costs = TypedCosts::read($stall, $typed);
        ($this->change)($stall, null, 'The cost sheet changed', static fn () => $costs->store($stall));
        if ($written->has('languages')) {
            ($this->languages)($stall, $market, self::languages($written));
        }

        return self::answer($stall->refresh());
    }

    /** @return array<string, mixed> as the cost sheet is typed, rates in percent */
    private static function typed(Stall $stall, Fields $f, string $market): array
    {
        $percent = static fn (string $at): string => rtrim($f->rate($at, required: false)->percent(), '%');
        $prices = $f->get('prices') ?? self::PRICES[0];
        if (! in_array($prices, self::PRICES, true)) {
            $f->problem('prices', 'One of these belongs here: '.implode(', ', self::PRICES).'.');
        }
        $now = CostSheet::of($stall)->currency($market);
        $currency = $f->has('currency') ? $f->currency('currency') : $now;
        $terms = [
            'prices' => $prices,
            'currency' => $currency->code,
            'ending' => $f->has('ending') ? $f->amount('ending', $currency)->digits() : '',
            'duty' => $percent('duty'),
            'dutyOn' => $f->choice('duty_on', DutyBase::class, DutyBase::GoodsAndDelivery)->value,
            'tax' => $f->has('tax') ? $percent('tax') : '',
            'taxOnTop' => ! $f->flag('tax_included', true),
            // What is charged for delivery is said of places; it stays.
            'charged' => $currency->is($now) ? self::charged($stall, $market, $now) : '',
        ];
        self::languages($f);
        if ($f->problems() !== []) {
            throw ValidationException::withMessages($f->problems());
        }

        $home = $market === $stall->home_market && $f->has('tax');

        return ['market' => $market, 'terms' => $terms] + ($home ? ['fields' => ['vat' => $terms['tax']]] : []);
    }

    /** @return list<string> that the shop's own words are there in */
    private static function languages(Fields $f): array
    {
        $written = $f->get('languages') ?? [];
        $known = array_keys(Speech::LANGUAGES);
        $read = is_array($written) && array_is_list($written) ? array_values(array_unique(array_filter($written, is_string(...)))) : null;
        if ($read === null || $read !== $written || array_diff($read, $known) !== []) {
            $f->problem('languages', 'Each of these at most once belongs here: '.implode(', ', $known).'.');

            return [];
        }

        return $read;
    }

    private static function charged(Stall $stall, string $market, Currency $in): string
    {
        $minor = $stall->marketRows->firstWhere('market', $market)?->charged_minor;

        return $minor === null ? '' : (new Money($minor, $in))->digits();
    }

    private static function answer(Stall $stall): JsonResponse
    {
        $stall->unsetRelations();
        $sheet = CostSheet::of($stall);

        return new JsonResponse(['data' => array_map(static function (string $market) use ($stall, $sheet): array {
            $row = $stall->marketRows->firstWhere('market', $market) ?? new Market(['prices' => self::PRICES[0]]);
            $tax = $sheet->terms($market)->tax;

            return [
                'market' => $market,
                'home' => $market === $stall->home_market,
                'prices' => $market === $stall->home_market ? self::PRICES[1] : $row->prices,
                'currency' => $sheet->currency($market)->code,
                'ending' => $row->ending['part'] ?? null,
                'duty' => self::share($sheet->duty($market)->rate),
                'duty_on' => $sheet->duty($market)->on->value,
                'tax' => self::share($tax->rate),
                'tax_included' => $tax->included,
                'languages' => ShopMarket::languages($stall, $market),
            ];
        }, $stall->soldTo())]);
    }

    private static function share(Rate $rate): string
    {
        return RecipeNotation::decimal($rate->millionths);
    }
}
