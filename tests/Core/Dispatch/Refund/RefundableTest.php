<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Dispatch\Refund;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use WindowStall\Core\Dispatch\Refund\PaidLine;
use WindowStall\Core\Dispatch\Refund\Refundable;
use WindowStall\Core\Dispatch\Refund\RefundAsked;
use WindowStall\Core\Dispatch\Refund\RefundLimit;
use WindowStall\Core\Dispatch\Refund\RefundRefused;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Tax\DeliveryTax;
use WindowStall\Core\Tax\TaxDue;
use WindowStall\Core\Tax\TaxedLine;
use WindowStall\Core\Tax\TaxRounding;
use WindowStall\Core\Tax\TaxRules;

/** Parts of an order given back: never more than was paid, tax to the penny, the same in the end however it is parted. */
final class RefundableTest extends TestCase
{
    public function test_one_of_three_pieces_and_half_of_the_delivery_with_the_tax_within(): void
    {
        $order = Refundable::of([new PaidLine(1, 3, 5000, 200_000)], 395, [200_000 => ['asked' => 5395, 'tax' => 899]], false);
        $given = $order->give(new RefundAsked([1 => 1], 195));
        self::assertSame([1667, 195, 1862], [$given->lines[1], $given->delivery, $given->total]);
        self::assertSame([200_000 => ['back' => 1862, 'tax' => 310]], $given->rates, '899 × 1862 ÷ 5395 = 310.3');
        $left = $order->less($given);
        self::assertSame([3533, 200, [1 => 2]], [$left->left(), $left->delivery(), $left->pieces]);
        self::assertSame([1667, 3333], [$left->worth(1, 1), $left->worth(1, 9)]);
        $rest = $left->give($left->everything());
        self::assertSame([3533, 589], [$rest->total, $rest->tax], 'the rest of both');
    }

    public function test_what_a_code_took_off_is_not_given_back_and_tax_on_top_comes_with_the_goods(): void
    {
        // 2 × 10.00 less 10%, at 10% on top; delivery 5.00 without tax.
        $order = Refundable::of(
            [new PaidLine(1, 2, 1800, 100_000)],
            500,
            [100_000 => ['asked' => 1800, 'tax' => 180], 0 => ['asked' => 500, 'tax' => 0]],
            true,
        );
        self::assertSame(2480, $order->left());
        $given = $order->give(new RefundAsked([1 => 1]));
        self::assertSame([990, 90], [$given->total, $given->tax]);
        self::assertSame([500, 0], [$order->give(new RefundAsked(delivery: 500))->total, $order->give(new RefundAsked(delivery: 500))->tax]);
    }

    public function test_an_amount_besides_lies_on_all_that_is_left_and_leaves_less_for_the_pieces(): void
    {
        $order = Refundable::of(
            [new PaidLine(1, 1, 3000, 200_000), new PaidLine(2, 1, 1000, 0)],
            0,
            [200_000 => ['asked' => 3000, 'tax' => 500], 0 => ['asked' => 1000, 'tax' => 0]],
            false,
        );
        $given = $order->give(new RefundAsked(besides: 400));
        self::assertSame([400, 50], [$given->total, $given->tax], 'three quarters of it bear the tax');
        self::assertSame(2700, $order->less($given)->worth(1, 1));
    }

    public function test_where_no_tax_was_charged_none_is_given_back(): void
    {
        $order = Refundable::of([new PaidLine(1, 2, 2000, 0)], 300, [], false);
        $given = $order->give($order->everything());
        self::assertSame([2300, 0], [$given->total, $given->tax]);
    }

    public function test_lines_without_their_rates_give_all_of_the_tax_back_in_the_end(): void
    {
        $order = Refundable::of(
            [new PaidLine(1, 1, 1000, 200_000), new PaidLine(2, 1, 1000, 200_000)],
            100,
            [200_000 => ['asked' => 1050, 'tax' => 175], 50_000 => ['asked' => 1050, 'tax' => 50]],
            false,
        );
        $given = $order->give($order->everything());
        self::assertSame([2100, 225], [$given->total, $given->tax]);
    }

    public function test_more_than_is_left_is_refused_with_what_is_left(): void
    {
        $order = Refundable::of([new PaidLine(1, 2, 2000, 0)], 300, [], false);
        $refused = static function (RefundAsked $asked) use ($order): array {
            try {
                $order->give($asked);
            } catch (RefundRefused $why) {
                return [$why->limit, $why->left];
            }

            return [];
        };
        self::assertSame([RefundLimit::Pieces, 2], $refused(new RefundAsked([1 => 3])));
        self::assertSame([RefundLimit::Pieces, 0], $refused(new RefundAsked([9 => 1])));
        self::assertSame([RefundLimit::Pieces, 2], $refused(new RefundAsked([1 => -1])));
        self::assertSame([RefundLimit::Delivery, 300], $refused(new RefundAsked([1 => 1], 301)));
        self::assertSame([RefundLimit::Amount, 1300], $refused(new RefundAsked([1 => 1], 0, 1301)));
        self::assertSame([RefundLimit::Nothing, 0], $refused(new RefundAsked()));
    }

    public function test_in_whatever_parts_all_of_it_comes_to_what_was_paid_and_taxed(): void
    {
        $by = new Randomizer(new Mt19937(29));
        for ($case = 0; $case < 1_500; $case++) {
            [$order, $paid, $tax, $rates] = self::made($by);
            $at = 'case '.$case;
            self::assertSame($paid, $order->left(), $at);
            $back = $taxBack = 0;
            $byRate = array_fill_keys(array_keys($rates), 0);
            for ($turn = 0; $turn < 6 && $order->left() > 0; $turn++) {
                $given = $order->give($turn === 5 ? $order->everything() : self::some($by, $order));
                $back += $given->total;
                $taxBack += $given->tax;
                self::assertLessThanOrEqual($paid, $back, $at);
                self::assertSame($given->total, array_sum($given->taken), $at);
                self::assertSame($given->total, array_sum(array_column($given->rates, 'back')), $at);
                foreach ($given->rates as $rate => $sums) {
                    $byRate[$rate] += $sums['tax'];
                    self::assertGreaterThanOrEqual(0, $sums['tax'], $at);
                    self::assertLessThanOrEqual($sums['back'], $sums['tax'], $at);
                }
                $order = $order->less($given);
            }
            self::assertSame([$paid, $tax, 0], [$back, $taxBack, $order->left()], $at);
            self::assertSame(array_map(static fn (array $sums): int => $sums['tax'], $rates), $byRate, $at);
        }
    }

    /** @return array{Refundable, int, int, array<int, array{asked: int, tax: int}>} an order, what was paid, the tax, its rates */
    private static function made(Randomizer $by): array
    {
        $lines = $taxed = [];
        for ($n = 1, $count = $by->getInt(1, 5); $n <= $count; $n++) {
            $rate = [0, 50_000, 90_000, 200_000][$by->getInt(0, 3)];
            $asked = $by->getInt(0, 9_999);
            $lines[] = new PaidLine($n, $by->getInt(1, 7), $asked, $rate);
            $taxed[] = new TaxedLine($asked, new Rate($rate));
        }
        $delivery = $by->getInt(0, 3) === 0 ? 0 : $by->getInt(1, 1_500);
        $included = $by->getInt(0, 1) === 1;
        $rules = new TaxRules(
            $included,
            DeliveryTax::cases()[$by->getInt(0, count(DeliveryTax::cases()) - 1)],
            TaxRounding::cases()[$by->getInt(0, count(TaxRounding::cases()) - 1)],
        );
        $due = TaxDue::of($taxed, $delivery, $rules, new Rate(200_000));
        $asked = array_sum(array_map(static fn (PaidLine $line): int => $line->asked, $lines)) + $delivery;

        return [
            Refundable::of($lines, $delivery, $due->rates, ! $included),
            $asked + ($included ? 0 : $due->tax),
            $due->tax,
            $due->rates,
        ];
    }

    private static function some(Randomizer $by, Refundable $left): RefundAsked
    {
        $pieces = [];
        $worth = 0;
        foreach ($left->pieces as $line => $count) {
            $pieces[$line] = $by->getInt(0, $count);
            $worth += $pieces[$line] === 0 ? 0 : $left->worth($line, $pieces[$line]);
        }
        $delivery = $by->getInt(0, $left->delivery());
        $besides = $by->getInt(0, $left->left() - $worth - $delivery);

        return array_filter($pieces) === [] && $delivery + $besides === 0
            ? $left->everything()
            : new RefundAsked($pieces, $delivery, $besides);
    }
}
