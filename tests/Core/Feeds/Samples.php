<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Feeds;

use WindowStall\Core\Feeds\DecimalSign;
use WindowStall\Core\Feeds\FeedField;
use WindowStall\Core\Feeds\MappedColumn;
use WindowStall\Core\Feeds\Mapping;

/** A pottery's table, in small. */
final class Samples
{
    public const HEADER = [
        'Range',
        'Article',
        'EAN',
        'Name',
        'Glaze',
        'Description',
        'Trade price',
        'RRP',
        'Free stock',
        'Weight kg',
        'Picture',
    ];

    public const ROWS = [
        [
            'KF-POT',
            'KF-POT-1',
            '2000000000015',
            'Flower pot',
            'Terracotta',
            'Thrown at the wheel and wood-fired; each carries its maker’s thumb print under the rim.',
            '6,40',
            '24,00',
            '81',
            '1,9',
            'https://kiln.example/1.png',
        ],
        [
            'KF-POT',
            'KF-POT-2',
            '2000000000022',
            'Flower pot',
            'Chalk',
            'Thrown at the wheel and wood-fired; each carries its maker’s thumb print under the rim.',
            '10,50',
            '36,00',
            '1.204',
            '2,474',
            'https://kiln.example/2.png',
        ],
        [
            'KF-TOM',
            'KF-TOM-1',
            '2000000000039',
            'Long tom pot',
            'Terracotta',
            'A tall pot for deep roots: sweet peas, parsley, a young fig against a warm wall.',
            '7,20',
            '26,00',
            '0',
            '2,1',
            'https://kiln.example/3.png',
        ],
        [
            'KF-TOM',
            'KF-TOM-2',
            '2000000000046',
            'Long tom pot',
            'Chalk',
            'A tall pot for deep roots: sweet peas, parsley, a young fig against a warm wall.',
            '7,20',
            '26,00',
            '12',
            '2,1',
            'https://kiln.example/4.png',
        ],
    ];

    /** That many goods of one variant each, at costs from 5,00 on, as a file has them. */
    public static function table(int $goods, int $factor = 1): string
    {
        $lines = [implode(';', self::HEADER)];
        for ($n = 1; $n <= $goods; $n++) {
            $cost = number_format(((500 + $n * 10) * $factor) / 100, 2, ',', '');
            $lines[] = implode(';', [
                "R-$n",
                "R-$n-1",
                '',
                "Pot $n",
                'Chalk',
                "Pot number $n, thrown at the wheel.",
                $cost,
                '40,00',
                '9',
                '1,0',
                '',
            ]);
        }

        return implode("\n", $lines)."\n";
    }

    /** @param  array<string, FeedField>  $columns  all of the table's unless given */
    public static function mapping(
        array $columns = [],
        DecimalSign $decimal = DecimalSign::Comma,
        bool $kilograms = true,
        int $stock = 0,
        string $currency = 'GBP',
    ): Mapping {
        $columns =
            $columns !== []
                ? $columns
                : array_combine(self::HEADER, [
                    FeedField::Item,
                    FeedField::Sku,
                    FeedField::Barcode,
                    FeedField::Title,
                    FeedField::Option,
                    FeedField::Words,
                    FeedField::Cost,
                    FeedField::Rrp,
                    FeedField::Stock,
                    FeedField::Weight,
                    FeedField::Picture,
                ]);

        return new Mapping(
            array_map(
                static fn (string $name, FeedField $field): MappedColumn => new MappedColumn($name, $field),
                array_keys($columns),
                array_values($columns),
            ),
            $decimal,
            $kilograms,
            $currency,
            'GB',
            $stock,
        );
    }
}
