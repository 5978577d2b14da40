<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Giving;

use PHPUnit\Framework\TestCase;
use WindowStall\Core\Giving\CardCode;
use WindowStall\Core\Giving\CardMoney;

final class GiftCardTest extends TestCase
{
    public function test_a_code_says_all_of_its_bits_and_is_read_however_it_is_typed(): void
    {
        self::assertSame('00000-00000-00000-00000-00000-0', CardCode::of(str_repeat("\0", 16))->words());
        self::assertSame('ZZZZZ-ZZZZZ-ZZZZZ-ZZZZZ-ZZZZZ-W', CardCode::of(str_repeat("\xff", 16))->words());
        $seen = [];
        for ($bit = 0; $bit < 128; $bit++) {
            $bytes = str_repeat("\0", 16);
            $bytes[intdiv($bit, 8)] = chr(1 << $bit % 8);
            $seen[] = CardCode::of($bytes)->words();
        }
        self::assertCount(128, array_unique($seen), 'each bit tells');
        mt_srand(3);
        for ($n = 0; $n < 200; $n++) {
            $code = CardCode::of(implode('', array_map(static fn (): string => chr(mt_rand(0, 255)), range(1, 16))));
            $typed = strtolower(strtr($code->words(), ['0' => 'o', '1' => 'l', '-' => ' ']));
            self::assertSame($code->hash(), CardCode::read('  '.$typed.'.')?->hash());
        }
        foreach (['', 'SUMMER10', str_repeat('A', 25), str_repeat('A', 27), str_repeat('U', 26)] as $none) {
            self::assertNull(CardCode::read($none), $none);
        }
    }

    public function test_cards_pay_what_they_have_and_no_more_than_is_to_pay(): void
    {
        self::assertSame([7 => 2_500], CardMoney::pay(4_000, [7 => 2_500]));
        self::assertSame([7 => 2_500, 9 => 1_500], CardMoney::pay(4_000, [7 => 2_500, 8 => 0, 9 => 5_000, 10 => 5_000]));
        self::assertSame([], CardMoney::pay(0, [7 => 2_500]));
        self::assertSame([], CardMoney::pay(4_000, [7 => -3]));
    }

    public function test_any_refunds_give_back_to_the_cards_what_they_paid_and_never_more(): void
    {
        self::assertSame(1_000, CardMoney::back(4_000, 1_000, 0, 4_000));
        self::assertSame(250, CardMoney::back(4_000, 1_000, 0, 1_000));
        mt_srand(11);
        for ($n = 0; $n < 500; $n++) {
            $total = mt_rand(1, 30_000);
            $byCard = mt_rand(0, $total);
            $before = $back = 0;
            while ($before < $total) {
                $refund = mt_rand(1, $total - $before);
                $part = CardMoney::back($total, $byCard, $before, $refund);
                self::assertGreaterThanOrEqual(0, $part);
                self::assertLessThanOrEqual($refund, $part);
                $back += $part;
                $before += $refund;
            }
            self::assertSame($byCard, $back);
        }
    }
}
