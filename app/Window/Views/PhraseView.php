<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\ShopMarket;

/** Some of the seller's words, and what they are in another language. */
final readonly class PhraseView
{
    /**
     * @param  string  $said  "" where it isn't said yet
     * @param  string  $place  where shoppers meet it
     * @param  string  $address  of that page in the language; "" where it has none
     * @param  int  $times  on how many places
     */
    public function __construct(
        public string $phrase,
        public string $said,
        public bool $drafted,
        public string $place,
        public string $address,
        public int $times,
    ) {
    }

    /** @param  array{phrase: string, place: string, path: string, times: int, said: string|null, drafted: bool}  $row */
    public static function of(Stall $stall, string $language, array $row): self
    {
        $market = array_values(array_filter(
            ShopMarket::all($stall),
            static fn (ShopMarket $market): bool => $market->language === $language,
        ))[0] ?? null;

        return new self(
            phrase: $row['phrase'],
            said: $row['said'] ?? '',
            drafted: $row['drafted'],
            place: $row['place'],
            address: $row['path'] === '' || $market === null ? '' : $stall->shopAddress($market->path($row['path'])),
            times: $row['times'],
        );
    }
}
