<?php

declare(strict_types=1);

namespace WindowStall\Delivery\Carrier;

use Illuminate\Support\Facades\Cache;
use WindowStall\Core\Delivery\Quote\RateAsked;
use WindowStall\Core\Money\Money;
use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;

/**
 * What a carrier asks for parcels now, in the stall's currency. It is waited for two seconds and no longer; what it said is
 * kept for a while, and that it said nothing for a moment, so that the next shopper doesn't wait for it, too.
 */
final readonly class LiveRates
{
    private const PATIENCE = 2.0;

    private const KEPT = 600;

    private const SILENT = 30;

    public function __construct(private CarrierConnector $carrier)
    {
    }

    /**
     * @param  array<string, RateAsked>  $asked  by key
     * @return array<string, array<string, Money>> every key → service → rate
     */
    public function __invoke(Stall $stall, array $asked): array
    {
        $names = array_map(static fn (string $key): string => 'carrier rate '.$key, array_combine(array_keys($asked), array_keys($asked)));
        /** @var array<string, array<string, array{int, string}>|null> $kept */
        $kept = Cache::many(array_values($names));
        $missing = array_filter($asked, static fn (string $key): bool => $kept[$names[$key]] === null, ARRAY_FILTER_USE_KEY);
        $said = $missing === [] ? [] : $this->carrier->rates($missing, self::PATIENCE);
        $rates = [];
        foreach ($names as $key => $name) {
            if (isset($missing[$key])) {
                $plain = array_map(static fn (Money $m): array => [$m->minor, $m->currency->code], $said[$key] ?? []);
                Cache::put($name, $plain, $plain === [] ? self::SILENT : self::KEPT);
                $kept[$name] = $plain;
            }
            $rates[$key] = self::atHome($stall, $kept[$name] ?? []);
        }

        return $rates;
    }

    /**
     * @param  array<string, array{int, string}>  $said
     * @return array<string, Money> none where the stall has no rate for the carrier's currency
     */
    private static function atHome(Stall $stall, array $said): array
    {
        try {
            return array_map(static fn (array $one): Money => $stall->rateFrom($one[1])->convert(Money::of($one[0], $one[1])), $said);
        } catch (Refusal) {
            return [];
        }
    }
}
