<?php

declare(strict_types=1);

namespace WindowStall\Window;

use WindowStall\Stall\Terms\Places;
use WindowStall\Stall\Terms\SaidDelivery;
use WindowStall\Support\Speech\Speech;
use WindowStall\Window\Goods\WindowGoods;

/** Questions that every shop is asked, with the answers that the stall's own terms give. */
final class TrueAnswers
{
    /** @return list<array{ask: string, answer: string}> */
    public static function of(WindowGoods $goods): array
    {
        $stall = $goods->stall;
        $days = $goods->days();
        $delivery = SaidDelivery::of($stall);
        $asked = [];
        if ($days !== null) {
            $asked[] = self::answer('days', Speech::say('shop.answers.days.answer', from: $days->min, to: $days->max));
        }
        $asked[] = self::answer('delivery', match (true) {
            $delivery->charge === null => Speech::say('shop.answers.delivery.depends'),
            $delivery->isFree() => Speech::say('shop.answers.delivery.free'),
            $delivery->freeOver !== null => Speech::say(
                'shop.answers.delivery.free_over',
                charge: $delivery->charge,
                over: $delivery->freeOver,
            ),
            default => Speech::say('shop.answers.delivery.flat', charge: $delivery->charge),
        });
        $asked[] = self::answer('where', Speech::say('shop.answers.where.answer', places: Places::said($stall)));
        $included = $stall->terms($stall->seen()->country)->tax->included;
        $asked[] = self::answer('vat', Speech::say($included ? 'shop.answers.vat.yes' : 'shop.answers.vat.no'));

        return $asked;
    }

    /** @return array{ask: string, answer: string} */
    private static function answer(string $to, string $answer): array
    {
        return ['ask' => Speech::say('shop.answers.'.$to.'.ask'), 'answer' => $answer];
    }
}
