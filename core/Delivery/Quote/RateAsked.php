<?php

declare(strict_types=1);

namespace WindowStall\Core\Delivery\Quote;

use WindowStall\Core\Delivery\Places\Destination;

/** What a carrier has to know to say what a parcel costs. */
final readonly class RateAsked
{
    /** Carriers weigh to this; parcels that weigh as much to them are asked for once. Grams. */
    private const STEP = 50;

    /** @param  string  $from  ISO 3166-1 */
    private function __construct(public string $from, public Destination $to, public int $grams)
    {
    }

    public static function of(string $from, Destination $to, int $grams): self
    {
        return new self($from, $to, max(1, (int) ceil($grams / self::STEP)) * self::STEP);
    }

    /** The same for parcels that cost the same. */
    public function key(): string
    {
        return implode(' ', [$this->from, $this->to->country, $this->to->postcode ?? '-', $this->grams]);
    }
}
