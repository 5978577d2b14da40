<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Landing;

use PHPUnit\Framework\TestCase;
use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Landing\Duty;
use WindowStall\Core\Landing\LandsItems;
use WindowStall\Core\Landing\Quote;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rates;
use WindowStall\Core\Source\Item;
use WindowStall\Core\Source\Variant;

/** Which warehouse a variant comes from, what that makes its item cost, and how much of it can't be sent at all. */
final class LandsItemsTest extends TestCase
{
    public function test_a_piece_comes_by_the_cheapest_quote_of_the_warehouses_that_have_it_at_its_weight(): void
    {
        $trowel = $this->variant('trowel', 310, ['GB' => 4, 'CN' => 90]);
        $landed = $this->lands(['GB|310' => [new Quote('Van', 250, 1, 2)], 'CN|310' => [new Quote('Sea', 120, 9, 20)]])
            ->variant($this->item($trowel), $trowel);

        self::assertNotNull($landed);
        self::assertSame(['CN', 'Sea', 620], [$landed->by->warehouse, $landed->by->method, $landed->total->minor]);
        self::assertEquals(new DayRange(11, 23), $landed->by->days, 'after two to three days of packing');
        self::assertNull($landed->by->further, 'what isn’t said of further pieces stays unsaid');
    }

    public function test_a_quote_for_another_weight_is_none(): void
    {
        $rake = $this->variant('rake', 1400, ['GB' => 4]);
        self::assertNull($this->lands(['GB|310' => [new Quote('Van', 250, 1, 2)]])->variant($this->item($rake), $rake));
    }

    public function test_what_lies_where_nothing_is_sent_from_is_out_of_reach_unless_all_of_it_is(): void
    {
        $lands = $this->lands(['GB|310' => [new Quote('Van', 250, 1, 2)], 'DE|310' => []]);
        self::assertSame(37, $lands->outOfReach($this->variant('a', 310, ['GB' => 4, 'DE' => 30, 'US' => 7])));
        self::assertSame(0, $lands->outOfReach($this->variant('b', 310, ['GB' => 4])));
        self::assertSame(0, $lands->outOfReach($this->variant('c', 310, ['US' => 7])), 'that it can’t be sent is said instead');
        self::assertSame(0, $lands->outOfReach($this->variant('d', 310, [])));
    }

    public function test_an_item_costs_what_its_cheapest_variant_that_can_be_sent_does(): void
    {
        $lands = $this->lands(['GB|310' => [new Quote('Van', 250, 1, 2)], 'GB|90' => [new Quote('Letter', 80, 1, 3)]]);
        $item = $this->item(
            $this->variant('large', 310, ['GB' => 2]),
            $this->variant('small', 90, ['GB' => 2]),
            $this->variant('far', 20, ['US' => 2]),
        );
        self::assertSame('Letter', $lands->cheapest($item)?->by->method);
        self::assertNull($lands->cheapest($this->item($this->variant('far', 20, ['US' => 2]))));
    }

    /** @param  array<string, list<Quote>>  $quotes */
    private function lands(array $quotes): LandsItems
    {
        return new LandsItems($quotes, new Rates(Currency::of('GBP'), []), Duty::none(), Money::of(0, 'GBP'));
    }

    private function item(Variant ...$variants): Item
    {
        return new Item('OD-1', 'Trowel', '', 'Tools', [], 'GBP', new DayRange(2, 3), null, array_values($variants));
    }

    /** @param  array<string, int>  $stock */
    private function variant(string $id, int $grams, array $stock): Variant
    {
        return new Variant($id, $id, null, [], Money::of(500, 'GBP'), null, $grams, $stock, null);
    }
}
