<?php

declare(strict_types=1);

namespace WindowStall\Core\Dispatch\Doubt;

/** What is known of a paid order that may speak against it. */
final readonly class DoubtFacts
{
    /**
     * @param  int  $cards  that were tried for it and didn't pay, as its payment service says
     * @param  string|null  $cardCountry  ISO 3166-1, where the card is from; null where that isn't said
     * @param  string  $country  where it goes
     * @param  string  $mailHost  of the shopper's address, in small letters
     * @param  int  $pieces  in all
     * @param  list<int>  $usual  pieces of the stall's other orders
     * @param  bool  $known  whether the shopper has had a parcel from here before
     */
    public function __construct(
        public int $cards,
        public ?string $cardCountry,
        public string $country,
        public string $mailHost,
        public int $pieces,
        public array $usual,
        public bool $known = false,
    ) {
    }
}
