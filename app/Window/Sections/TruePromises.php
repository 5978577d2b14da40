<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections;

use WindowStall\Core\Money\Money;
use WindowStall\Stall\Terms\SaidDelivery;
use WindowStall\Support\Speech\Speech;
use WindowStall\Support\Speech\Spoken;
use WindowStall\Window\Goods\WindowGoods;

/** What the stall's own terms promise, in words: nothing is said that they don't keep. */
final class TruePromises
{
    /** @return list<array{head: string, words: string}> */
    public static function of(WindowGoods $goods): array
    {
        $stall = $goods->stall;
        $days = $goods->days();
        $promises = [];
        if ($days !== null) {
            $promises[] = self::promise('days', days: Spoken::days($days));
        }
        $delivery = SaidDelivery::of($stall);
        $promises[] = match (true) {
            $delivery->charge === null => self::promise('sent', country: $stall->seenName()),
            $delivery->isFree() => self::promise('free'),
            $delivery->freeOver !== null => self::promise('free_over', over: $delivery->freeOver, charge: $delivery->charge),
            default => self::promise('flat', charge: $delivery->charge),
        };
        $promises[] = self::promise($stall->terms($stall->seen()->country)->tax->included ? 'vat' : 'vat_on_top');

        return $promises;
    }

    /** @return array{head: string, words: string} */
    private static function promise(string $of, string|Money ...$values): array
    {
        return [
            'head' => Speech::say('shop.promises.'.$of.'.head', ...$values),
            'words' => Speech::say('shop.promises.'.$of.'.words', ...$values),
        ];
    }
}
