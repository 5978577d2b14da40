<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Standins;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Standins\Oakum\Catalogue;
use WindowStall\Standins\Oakum\Tariff;

final class TariffTest extends TestCase
{
    #[TestWith(['GB', 'GB', 300, 237, [2, 4]])]
    #[TestWith(['CN', 'GB', 1980, 1460, [14, 22]], 'the cheap item with the dear parcel')]
    #[TestWith(['DE', 'NL', 100, 446, [3, 6]])]
    #[TestWith(['GB', 'IE', 1, 561, [4, 8]])]
    public function test_delivery_costs_by_way_and_weight(
        string $from,
        string $to,
        int $grams,
        int $cents,
        mixed $days,
    ): void {
        $quote = Tariff::quote($from, $to, $grams)[0];
        self::assertSame([$cents, $days], [$quote['price'], $quote['days']]);
    }

    public function test_where_nothing_goes_nothing_is_quoted(): void
    {
        self::assertSame([], Tariff::quote('GB', 'BR', 300));
    }

    public function test_the_catalogue_has_its_size_and_codes_that_check(): void
    {
        $rows = Catalogue::rows();
        self::assertGreaterThanOrEqual(60, count($rows));
        $variants = array_merge(...array_column($rows, 'variants'));
        self::assertGreaterThanOrEqual(300, count($variants));
        self::assertCount(
            count($variants),
            array_unique(array_column($variants, 'id')),
            'no id stands for two variants',
        );
        foreach ($variants as $variant) {
            $digits = array_map(intval(...), str_split((string) $variant['barcode']));
            self::assertCount(13, $digits);
            self::assertSame(
                0,
                array_sum(
                    array_map(
                        static fn (int $d, int $i): int => $d * ($i % 2 === 0 ? 1 : 3),
                        $digits,
                        array_keys($digits),
                    ),
                ) % 10,
                'GTIN-13 check digit',
            );
        }
    }
}
