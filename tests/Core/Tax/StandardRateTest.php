<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Tax;

use DateTimeImmutable;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Tax\StandardRate;

final class StandardRateTest extends TestCase
{
    #[TestWith(['GB', '2026-11-30', '20%'])]
    #[TestWith(['IE', '2026-11-30', '23%'])]
    #[TestWith(['FI', '2024-08-31', '24%'], 'the day before it rose')]
    #[TestWith(['FI', '2024-09-01', '25.5%'])]
    #[TestWith(['LU', '2023-06-01', '16%'], 'for a year alone')]
    #[TestWith(['LU', '2024-06-01', '17%'])]
    #[TestWith(['CH', '2026-11-30', '8.1%'])]
    #[TestWith(['GB', '2010-12-31', null])]
    #[TestWith(['US', '2026-11-30', null])]
    public function test_the_rate_of_a_day_counts(string $country, string $day, ?string $rate): void
    {
        self::assertSame($rate, StandardRate::of($country, new DateTimeImmutable($day))?->rate->percent());
    }

    public function test_every_row_has_its_day_its_rate_and_its_source_in_the_order_of_time(): void
    {
        $table = require __DIR__.'/../../../core/Tax/standard-rates.php';
        self::assertIsArray($table);
        self::assertGreaterThanOrEqual(40, count($table));
        foreach ($table as $country => $rows) {
            $days = array_column($rows, 0);
            $rising = $days;
            sort($rising);
            self::assertSame($rising, $days, (string) $country);
            foreach ($rows as [$from, $rate, $source]) {
                self::assertMatchesRegularExpression('/^\d{4}-\d\d-\d\d$/', $from);
                self::assertMatchesRegularExpression('/^0\.\d{1,3}$/', $rate);
                self::assertGreaterThan(10, mb_strlen($source));
            }
            self::assertNotNull(StandardRate::of((string) $country, new DateTimeImmutable('2026-11-30')));
        }
        self::assertSame(array_keys($table), StandardRate::countries());
    }
}
