<?php

declare(strict_types=1);

namespace WindowStall\Core\Tax;

use WindowStall\Core\Delivery\Places\Postcodes;
use WindowStall\Core\Delivery\Places\Territory;
use WindowStall\Core\Money\Rate;

/** What is known to begin with of a country's rates besides its standard one; the seller takes them over and changes them. */
final class StartingRates
{
    /**
     * @param  string  $country  ISO 3166-1
     * @return list<TaxRate>
     */
    public static function of(string $country): array
    {
        return array_map(static fn (array $row): TaxRate => new TaxRate(
            new Territory($country, $row[1], $row[2] === null ? null : Postcodes::read($row[2])),
            TaxClass::from($row[0]),
            Rate::parse($row[3]),
            $row[4],
            $row[5],
        ), self::table()[$country] ?? []);
    }

    /** @return array<string, list<array{string, list<string>, string|null, string, string, string}>> */
    private static function table(): array
    {
        /** @var array<string, list<array{string, list<string>, string|null, string, string, string}>> $table */
        $table = require __DIR__.'/starting-rates.php';

        return $table;
    }
}
