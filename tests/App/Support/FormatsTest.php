<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Support;

use PHPUnit\Framework\Attributes\TestWith;
use WindowStall\Bench\MakeUp\OptionNames;
use WindowStall\Core\Money\Money;
use WindowStall\Stall\Terms\ReferenceRates;
use WindowStall\Support\Views\MoneyView;
use WindowStall\Support\Views\Percent;
use WindowStall\Tests\App\AppTestCase;

final class FormatsTest extends AppTestCase
{
    #[TestWith([1895, 'GBP', '£18.95'])]
    #[TestWith([-137, 'GBP', '−£1.37'])]
    #[TestWith([123_456_789, 'EUR', '€1,234,567.89'])]
    #[TestWith([1200, 'JPY', 'JP¥1,200'])]
    #[TestWith([100_000_000, 'GBP', '£1,000,000.00'])]
    public function test_amounts_read_as_in_a_shop(int $minor, string $currency, string $text): void
    {
        self::assertSame($text, MoneyView::of(Money::of($minor, $currency))->text);
    }

    #[TestWith(['20', 2000])]
    #[TestWith([' 1,5 % ', 150])]
    #[TestWith(['0', 0])]
    #[TestWith(['100', 10_000])]
    #[TestWith(['100.01', null])]
    #[TestWith(['-1', null])]
    #[TestWith(['twenty', null])]
    #[TestWith(['1.234', null])]
    public function test_percentages_are_read_or_refused(string $typed, ?int $bp): void
    {
        self::assertSame($bp, Percent::parse($typed));
    }

    public function test_percentages_are_shown_rounded_and_typed_exactly(): void
    {
        self::assertSame(['42%', '−9%', '–'], [Percent::whole(4249), Percent::whole(-890), Percent::whole(null)]);
        self::assertSame(['20', '1.5', '0.25'], [Percent::digits(2000), Percent::digits(150), Percent::digits(25)]);
    }

    public function test_first_rates_turn_there_and_back(): void
    {
        $pounds = ReferenceRates::into('GBP');
        self::assertSame('0.79000000', $pounds['USD']);
        self::assertArrayNotHasKey('GBP', $pounds);
        self::assertEqualsWithDelta(1, (float) $pounds['EUR'] * (float) ReferenceRates::into('EUR')['GBP'], 0.000001);
    }

    public function test_a_sellers_names_stand_in_for_the_suppliers_and_empty_ones_follow(): void
    {
        $names = OptionNames::tidy([
            'Clr' => ['as' => ' Finish ', 'values' => ['STL' => 'Steel', 'CPR' => ' ', 'BLK' => null]],
            'Size' => ['as' => '', 'values' => []],
        ]);
        self::assertSame(['Clr' => ['as' => 'Finish', 'values' => ['STL' => 'Steel']]], $names);
        self::assertSame(
            ['Finish' => 'Steel', 'Size' => 'L'],
            OptionNames::apply($names, ['Clr' => 'STL', 'Size' => 'L']),
        );
        self::assertSame(['Finish' => 'CPR'], OptionNames::apply($names, ['Clr' => 'CPR']));
        self::assertNull(OptionNames::tidy(['Clr' => ['as' => '', 'values' => ['STL' => '']]]));
    }
}
