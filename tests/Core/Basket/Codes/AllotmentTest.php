<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Basket\Codes;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use WindowStall\Core\Basket\Codes\Allotment;
use WindowStall\Core\Basket\Codes\AmountOff;
use WindowStall\Core\Basket\Codes\DeliveryOff;
use WindowStall\Core\Basket\Codes\Discount;
use WindowStall\Core\Basket\Codes\DiscountedLine;
use WindowStall\Core\Basket\Codes\Gift;
use WindowStall\Core\Basket\Codes\PercentOff;
use WindowStall\Core\Basket\Codes\PiecesFree;
use WindowStall\Core\Basket\Codes\Reduction;
use WindowStall\Core\Basket\Codes\SetPrice;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rate;

final class AllotmentTest extends TestCase
{
    private static function gbp(int $minor): Money
    {
        return new Money($minor, Currency::of('GBP'));
    }

    private static function off(string $what): Reduction
    {
        [$kind, $value] = explode(' ', $what.' 0');

        return match ($kind) {
            'percent' => new PercentOff(Rate::bp((int) $value)),
            'amount' => new AmountOff(self::gbp((int) $value)),
            'pieces' => new PiecesFree(intdiv((int) $value, 10), (int) $value % 10),
            default => new DeliveryOff,
        };
    }

    /**
     * Lines of 1,795 (one piece), 3,300 (two) and 1,000 (one).
     *
     * @return list<DiscountedLine>
     */
    private static function lines(): array
    {
        return [new DiscountedLine(7, 1, 1_795), new DiscountedLine(8, 2, 3_300), new DiscountedLine(9, 1, 1_000)];
    }

    /** @param  array<int, int>  $taken */
    #[TestWith(['percent 1000', [7 => 180, 8 => 330, 9 => 100]], '609.5 up to 610; 179.65 has the largest rest')]
    #[TestWith(['percent 10000', [7 => 1_795, 8 => 3_300, 9 => 1_000]])]
    #[TestWith(['percent 1', [8 => 1]], 'one penny goes to the largest share')]
    #[TestWith(['percent 0', []])]
    #[TestWith(['amount 500', [7 => 147, 8 => 271, 9 => 82]], '147.25, 270.71 and 82.03')]
    #[TestWith(['amount 9999', [7 => 1_795, 8 => 3_300, 9 => 1_000]], 'no more than there is')]
    #[TestWith(['pieces 21', [7 => 780, 8 => 1_435, 9 => 435]], 'of four pieces the cheapest two, 1,000 and 1,650')]
    #[TestWith(['pieces 32', [7 => 295, 8 => 541, 9 => 164]], 'of three the cheapest')]
    #[TestWith(['pieces 54', []], 'there are too few')]
    #[TestWith(['delivery', []])]
    public function test_what_is_taken_off_is_allotted_to_the_penny(string $off, array $taken): void
    {
        self::assertSame($taken, Allotment::of(self::lines(), [new Discount(1, self::off($off))])->lines);
    }

    /**
     * @param  list<array{int, int, int, int}>  $lines  key, pieces, minor units, goods
     * @param  array<int, int>  $taken
     */
    #[TestWith([[[7, 1, 1_595, 1], [8, 1, 450, 2]], [7 => 191, 8 => 54]], '20.45 for 18.00: 2.45 in proportion')]
    #[TestWith([[[7, 2, 3_190, 1], [8, 1, 450, 2]], [7 => 191, 8 => 54]], 'one set, and a piece by itself')]
    #[TestWith([[[7, 2, 3_190, 1], [8, 2, 900, 2]], [7 => 382, 8 => 108]], 'two sets')]
    #[TestWith([[[6, 1, 1_495, 1], [7, 1, 1_595, 1], [8, 1, 450, 2]], [7 => 191, 8 => 54]], 'the dearer of two variants')]
    #[TestWith([[[7, 1, 1_595, 1], [9, 3, 3_000, 3]], []], 'half of it is missing')]
    #[TestWith([[[7, 1, 1_300, 1], [8, 1, 450, 2]], []], 'apart they cost less')]
    public function test_goods_cost_their_price_together_for_each_set_there_is(array $lines, array $taken): void
    {
        $set = new Discount(1, new SetPrice(self::gbp(1_800), [1, 2]));
        $lines = array_map(static fn (array $l): DiscountedLine => new DiscountedLine(...$l), $lines);
        self::assertSame($taken, Allotment::of($lines, [$set])->lines);
    }

    public function test_a_set_that_would_bring_one_of_its_goods_under_its_floor_is_none(): void
    {
        $lines = [new DiscountedLine(7, 1, 1_595, 1), new DiscountedLine(8, 1, 450, 2)];
        $set = static fn (int $floor): Discount => new Discount(1, new SetPrice(self::gbp(1_800), [1, 2]), floors: [8 => $floor]);
        self::assertSame([7 => 191, 8 => 54], Allotment::of($lines, [$set(396)])->lines);
        self::assertSame([], Allotment::of($lines, [$set(397)])->lines, 'half a set has no price');
    }

    public function test_a_share_comes_off_what_a_set_left(): void
    {
        $lines = [new DiscountedLine(7, 1, 1_595, 1), new DiscountedLine(8, 1, 450, 2)];
        $codes = [new Discount(2, self::off('percent 1000')), new Discount(9, new SetPrice(self::gbp(1_800), [1, 2]))];
        self::assertSame([9 => 245, 2 => 180], Allotment::of($lines, $codes)->codes);
    }

    public function test_it_holds_for_some_lines_and_from_a_least_value_on(): void
    {
        $some = new Discount(1, self::off('percent 1000'), [7, 9], self::gbp(2_795));
        self::assertSame([7 => 180, 9 => 100], Allotment::of(self::lines(), [$some])->lines, 'what they come to is enough');
        $more = new Discount(1, self::off('percent 1000'), [7, 9], self::gbp(2_796));
        self::assertSame([], Allotment::of(self::lines(), [$more])->lines);
        self::assertSame([], Allotment::of(self::lines(), [$more])->codes, 'nor is it one that counts');
    }

    public function test_codes_count_in_a_stated_order_each_on_what_is_left(): void
    {
        $codes = [new Discount(1, self::off('amount 500')), new Discount(2, self::off('percent 1000')), new Discount(3, self::off('delivery'))];
        $allotted = Allotment::of(self::lines(), $codes);
        self::assertSame([2 => 610, 1 => 500, 3 => 0], $allotted->codes, 'the share first, then the amount');
        self::assertTrue($allotted->deliveryFree);
        self::assertSame(1_110, array_sum($allotted->lines));
    }

    /**
     * @param  array<int, int>  $count
     * @param  list<int>  $unused
     */
    #[TestWith([true, [2 => 914], [1]], 'alone it saves more')]
    #[TestWith([false, [1 => 1_000], [2]], 'it doesn’t')]
    public function test_one_that_stands_alone_is_weighed_against_the_others(bool $more, array $count, array $unused): void
    {
        $together = new Discount(1, self::off($more ? 'amount 900' : 'amount 1000'));
        $alone = new Discount(2, self::off('percent 1500'), together: false);
        $allotted = Allotment::of(self::lines(), [$together, $alone]);
        self::assertSame([$count, $unused], [$allotted->codes, $allotted->unused]);
    }

    public function test_free_delivery_is_worth_what_it_would_cost(): void
    {
        $codes = [new Discount(1, self::off('delivery'), together: false), new Discount(2, self::off('amount 300'))];
        self::assertTrue(Allotment::of(self::lines(), $codes, 301)->deliveryFree);
        self::assertFalse(Allotment::of(self::lines(), $codes, 299)->deliveryFree);
    }

    /**
     * @param  list<int>  $gift
     * @param  list<int>  $beside
     * @param  array<int, int>  $taken
     */
    #[TestWith([[8, 9], [7, 8], null, [9 => 1_000]], 'one piece of the cheapest that is given')]
    #[TestWith([[8], [7, 9], 2_795, [8 => 1_650]], 'one of two pieces; what is beside comes to enough')]
    #[TestWith([[8], [7, 9], 2_796, []], 'it doesn’t')]
    #[TestWith([[7], [], null, []], 'nothing is bought beside it')]
    #[TestWith([[], [7, 8, 9], null, []], 'none of it is in the basket')]
    public function test_one_piece_is_given_away_beside_what_is_bought(array $gift, array $beside, ?int $least, array $taken): void
    {
        $code = new Discount(1, new Gift(12), $gift, $least === null ? null : self::gbp($least), beside: $beside);
        $allotted = Allotment::of(self::lines(), [$code, new Discount(2, self::off('percent 0'))]);
        self::assertSame($taken, $allotted->lines);
        self::assertSame(array_sum($taken) > 0 ? [1 => array_sum($taken)] : [], $allotted->codes);
    }

    public function test_a_line_that_would_fall_under_its_floor_is_left_out(): void
    {
        $code = new Discount(1, self::off('percent 1000'), floors: [7 => 1_700, 8 => 2_000]);
        self::assertSame([8 => 330, 9 => 100], Allotment::of(self::lines(), [$code])->lines);
        // An amount that lies on fewer lines weighs more on each: they are looked at again.
        $code = new Discount(1, self::off('amount 500'), floors: [7 => 1_700, 8 => 2_950, 9 => 1_000]);
        self::assertSame([], Allotment::of(self::lines(), [$code])->lines);
    }

    public function test_properties_over_chance_baskets(): void
    {
        $dice = new Randomizer(new Mt19937(28));
        $kinds = ['percent 1000', 'percent 3333', 'amount 777', 'amount 5000', 'pieces 32', 'pieces 21', 'delivery'];
        for ($n = 0; $n < 2_000; $n++) {
            $lines = [];
            for ($key = 1; $key <= $dice->getInt(1, 8); $key++) {
                $pieces = $dice->getInt(1, 5);
                $lines[] = new DiscountedLine($key, $pieces, $pieces * $dice->getInt(0, 4_000));
            }
            $codes = [];
            for ($id = 1; $id <= $dice->getInt(1, 4); $id++) {
                $codes[] = new Discount(
                    $id,
                    self::off($kinds[$dice->getInt(0, 6)]),
                    $dice->getInt(0, 1) === 0 ? null : [1, 3, 5],
                    $dice->getInt(0, 2) === 0 ? self::gbp(3_000) : null,
                    $dice->getInt(0, 3) > 0,
                );
            }
            $allotted = Allotment::of($lines, $codes, 295);
            self::assertSame(array_sum($allotted->codes), array_sum($allotted->lines), 'codes and lines add up alike');
            foreach ($lines as $line) {
                $off = $allotted->lines[$line->key] ?? 0;
                self::assertTrue($off >= 0 && $off <= $line->left, 'no line falls below nothing');
            }
            $mixed = Allotment::of($dice->shuffleArray($lines), $dice->shuffleArray($codes), 295);
            self::assertEquals($allotted, $mixed, 'the order of filling doesn’t matter');
        }
    }
}
