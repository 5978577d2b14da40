<?php

declare(strict_types=1);

namespace WindowStall\Core\Delivery\Quote;

use WindowStall\Core\Delivery\Ways\CarrierService;
use WindowStall\Core\Money\Money;

/** What a carrier asks for parcels, as far as it is known; what isn't is noted, so that it can be asked for. */
final class CarrierRates
{
    /** @var array<string, RateAsked> */
    private array $asked = [];

    /** @param  array<string, array<string, Money>>  $known  key of what was asked → service → rate; none where none was given */
    public function __construct(private readonly array $known = [])
    {
    }

    public function of(RateAsked $asked, CarrierService $service): ?Money
    {
        $key = $asked->key();
        if (! array_key_exists($key, $this->known)) {
            $this->asked[$key] = $asked;
        }

        return $this->known[$key][$service->value] ?? null;
    }

    /** @return array<string, RateAsked> by key: what wasn't known */
    public function missing(): array
    {
        return $this->asked;
    }
}
