<?php

declare(strict_types=1);

namespace WindowStall\Core\Tax;

use DateTimeImmutable;
use WindowStall\Core\Money\Rate;

/** What a country takes of most goods, to begin with; the seller's own word goes before it. */
final readonly class StandardRate
{
    private function __construct(public Rate $rate, public string $from, public string $source)
    {
    }

    /**
     * @param  string  $country  ISO 3166-1
     * @return self|null null where nothing is known of that country, or of that day
     */
    public static function of(string $country, DateTimeImmutable $day): ?self
    {
        /** @var array<string, list<array{string, string, string}>> $table */
        $table = require __DIR__.'/standard-rates.php';
        $found = null;
        foreach ($table[$country] ?? [] as [$from, $rate, $source]) {
            if ($day->format('Y-m-d') >= $from) {
                $found = new self(Rate::parse($rate), $from, $source);
            }
        }

        return $found;
    }

    /** @return list<string> the countries that something is known of */
    public static function countries(): array
    {
        /** @var array<string, mixed> $table */
        $table = require __DIR__.'/standard-rates.php';

        return array_keys($table);
    }
}
