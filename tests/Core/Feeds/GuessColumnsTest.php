<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Feeds;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Feeds\ColumnGuess;
use WindowStall\Core\Feeds\CurrencySaid;
use WindowStall\Core\Feeds\FeedField;
use WindowStall\Core\Feeds\GuessColumns;

final class GuessColumnsTest extends TestCase
{
    public function test_a_pottery_s_table_is_understood_column_by_column(): void
    {
        $guesses = GuessColumns::from(Samples::HEADER, Samples::ROWS);
        self::assertSame(
            [
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
            ],
            array_map(static fn (ColumnGuess $g): ?FeedField => $g->field, $guesses),
        );
        foreach ($guesses as $guess) {
            self::assertGreaterThanOrEqual(40, $guess->confidence, $guess->column);
            self::assertNotSame('', $guess->why);
        }
    }

    public function test_content_alone_tells_barcodes_and_pictures_apart_and_names_alone_dont_beat_content(): void
    {
        $guesses = GuessColumns::from(
            ['A', 'B', 'Price'],
            array_map(static fn (array $r): array => [$r[2], $r[10], $r[5]], Samples::ROWS),
        );
        self::assertSame([FeedField::Barcode, FeedField::Picture], [$guesses[0]->field, $guesses[1]->field]);
        self::assertNotSame(FeedField::Cost, $guesses[2]->field, 'a column called price that holds prose is no price');
    }

    public function test_only_one_column_is_the_cost_however_many_look_like_it(): void
    {
        $guesses = GuessColumns::from(
            ['Price', 'Trade price', 'Net price'],
            [['6.40', '6.40', '6.40'], ['7.10', '7.10', '7.10']],
        );
        self::assertCount(1, array_filter($guesses, static fn (ColumnGuess $g): bool => $g->field === FeedField::Cost));
    }

    public function test_a_german_table_is_understood_too(): void
    {
        $guesses = GuessColumns::from(
            ['Artikelnummer', 'Bezeichnung', 'Preis', 'Bestand', 'Gewicht'],
            [['X-1', 'Topf aus Ton, klein', '6,40', '12', '1,2'], ['X-2', 'Topf aus Ton, groß', '9,10', '7', '2,2']],
        );
        self::assertSame(
            [FeedField::Sku, FeedField::Title, FeedField::Cost, FeedField::Stock, FeedField::Weight],
            array_map(static fn (ColumnGuess $g): ?FeedField => $g->field, $guesses),
        );
    }

    public function test_money_and_stock_in_words_are_understood(): void
    {
        $guesses = GuessColumns::from(
            ['SKU', 'Name', 'Cost', 'Stock'],
            [['P-1', 'Pot 5" wide', 'gbp 4.20', '10+'], ['P-2', 'Deep pan', '1 234,50 zł', 'in stock']],
        );
        self::assertSame(
            [FeedField::Sku, FeedField::Title, FeedField::Cost, FeedField::Stock],
            array_map(static fn (ColumnGuess $g): ?FeedField => $g->field, $guesses),
        );
    }

    /** @param  list<string>  $cells */
    #[TestWith([['4,20 €', '1 234,50 €'], 'EUR'])]
    #[TestWith([['gbp 4.20', '£5'], 'GBP'])]
    #[TestWith([['US$ 5.00'], 'USD'])]
    #[TestWith([['4.20', '', '5'], null])]
    #[TestWith([['$5.00'], null])]
    #[TestWith([['€4', '£4'], null])]
    #[TestWith([['weurope 4'], null])]
    public function test_the_currency_is_what_all_amounts_name(array $cells, ?string $code): void
    {
        self::assertSame($code, CurrencySaid::in($cells, ['USD', 'EUR', 'GBP']));
    }

    public function test_what_is_unknown_is_said_to_be(): void
    {
        $guess = GuessColumns::from(['zzz', 'SKU'], [['…', 'A-1']])[0];
        self::assertNull($guess->field);
        self::assertSame(0, $guess->confidence);
    }
}
