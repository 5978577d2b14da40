<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Feeds;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Feeds\AssembleItem;
use WindowStall\Core\Feeds\DecimalSign;
use WindowStall\Core\Feeds\FeedField;
use WindowStall\Core\Feeds\FeedRow;
use WindowStall\Core\Feeds\ReadLine;
use WindowStall\Core\Feeds\Reject;

final class ReadLineTest extends TestCase
{
    public function test_a_row_is_read_into_figures(): void
    {
        $line = $this->line(Samples::ROWS[1]);
        self::assertSame(
            ['KF-POT', 'KF-POT-2', '2000000000022', 1050, 3600, 1204, 2474],
            [$line->item, $line->sku, $line->barcode, $line->cost, $line->rrp, $line->stock, $line->grams],
        );
        self::assertSame([['Glaze' => 'Chalk'], ['https://kiln.example/2.png']], [$line->options, $line->pictures]);
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function faults(): iterable
    {
        yield 'no SKU' => ['Article', ' ', 'The SKU is empty.'];
        yield 'a SKU without end' => ['Article', str_repeat('x', 81), 'The SKU is longer than 80 letters.'];
        yield 'no title' => ['Name', '', 'The title is empty.'];
        yield 'a cost in words' => ['Trade price', 'free', 'The unit cost isn’t an amount.'];
        yield 'no cost' => ['Trade price', '', 'The unit cost is empty.'];
        yield 'nothing to pay' => ['Trade price', '0,00', 'The unit cost is nought.'];
        yield 'a cost below nothing' => ['Trade price', '-4,00', 'The unit cost is below nought.'];
        yield 'a cost of millions' => ['Trade price', '1000001', 'The unit cost is more than a million.'];
        yield 'an RRP in words' => ['RRP', 'ask', 'The RRP isn’t an amount.'];
        yield 'stock in words' => ['Free stock', 'some', 'The stock isn’t a whole number.'];
        yield 'half a piece' => ['Free stock', '1,5', 'The stock isn’t a whole number.'];
        yield 'a weight in words' => ['Weight kg', 'heavy', 'The weight isn’t a figure.'];
        yield 'a weight of tonnes' => ['Weight kg', '1001', 'The weight is more than a tonne.'];
    }

    #[DataProvider('faults')]
    public function test_what_cant_be_read_rejects_the_row_and_says_where_and_why(
        string $column,
        string $value,
        string $reason,
    ): void {
        $values = Samples::ROWS[0];
        $values[(int) array_search($column, Samples::HEADER, true)] = $value;
        $reject = (new ReadLine(Samples::mapping(), Samples::HEADER))->read(7, $values);
        self::assertInstanceOf(Reject::class, $reject);
        self::assertSame(
            [7, $column, mb_substr(trim($value), 0, 200), $reason],
            [$reject->row, $reject->column, $reject->value, $reject->reason],
        );
    }

    public function test_stock_of_thousands_is_read_by_the_files_own_sign(): void
    {
        $values = Samples::ROWS[0];
        $values[8] = '1.234,00';
        self::assertSame(1234, $this->line($values)->stock);
        $said = ['> 50' => 50, '+12' => 12, '10+' => 10, '-3' => 0, '' => 0, 'In stock' => 1, 'yes' => 1, 'sold out' => 0, 'NO' => 0];
        foreach ($said as $text => $pieces) {
            $values[8] = (string) $text;
            self::assertSame($pieces, $this->line($values)->stock, (string) $text);
        }
    }

    public function test_weights_carry_their_own_unit_or_the_mappings(): void
    {
        foreach (
            [
                ['0,42', true, 420],
                ['420', false, 420],
                ['420 g', true, 420],
                ['0,42 kg', false, 420],
                ['420,5', false, 421],
                ['0', true, 1],
                ['2 lb', true, 908],
                ['1,5 lbs.', false, 681],
                ['8 oz', true, 227],
            ] as [$text, $kilograms, $grams]
        ) {
            $values = Samples::ROWS[0];
            $values[9] = $text;
            $line = (new ReadLine(Samples::mapping(kilograms: $kilograms), Samples::HEADER))->read(2, $values);
            self::assertSame($grams, $line instanceof FeedRow ? $line->grams : -1, $text);
        }
    }

    public function test_a_fraction_finer_than_the_currency_is_rounded_half_up_once(): void
    {
        foreach (['0.0349' => 3, '0.035' => 4, '6.4' => 640, '6.404999' => 640] as $text => $minor) {
            $line = (new ReadLine(
                Samples::mapping(['S' => FeedField::Sku, 'T' => FeedField::Title, 'C' => FeedField::Cost], DecimalSign::Point),
                ['S', 'T', 'C'],
            ))->read(2, ['A', 'Screw', (string) $text]);
            self::assertSame($minor, $line instanceof FeedRow ? $line->cost : -1, (string) $text);
        }
    }

    public function test_where_the_file_is_silent_the_mapping_stands_in(): void
    {
        $line = (new ReadLine(
            Samples::mapping(
                ['S' => FeedField::Sku, 'T' => FeedField::Title, 'C' => FeedField::Cost],
                DecimalSign::Point,
                stock: 25,
            ),
            ['S', 'T', 'C'],
        ))->read(2, ['A-1', 'Pot', '4.20']);
        self::assertInstanceOf(FeedRow::class, $line);
        self::assertSame(['A-1', 25, 500, []], [$line->item, $line->stock, $line->grams, $line->options]);
    }

    public function test_rows_of_one_code_become_one_item_with_its_pictures_gathered(): void
    {
        $item = (new AssembleItem(Samples::mapping()))->from([
            $this->line(Samples::ROWS[0]),
            $this->line(Samples::ROWS[1]),
        ]);
        self::assertSame(
            ['KF-POT', 'Flower pot', 2, 2],
            [$item->id, $item->title, count($item->variants), count($item->pictures)],
        );
        self::assertSame(
            [1, ['GB' => 1204], 'GBP'],
            [$item->variants[1]->picture, $item->variants[1]->stock, $item->currency],
        );
    }

    /** @param  list<string>  $values */
    private function line(array $values): FeedRow
    {
        $line = (new ReadLine(Samples::mapping(), Samples::HEADER))->read(2, $values);
        self::assertInstanceOf(FeedRow::class, $line, $line instanceof Reject ? $line->reason : '');

        return $line;
    }
}
