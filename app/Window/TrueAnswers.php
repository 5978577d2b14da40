<?php

declare(strict_types=1);

namespace WindowStall\Window;

use WindowStall\Stall\Terms\Places;
use WindowStall\Stall\Terms\SaidDelivery;
use WindowStall\Support\Views\MoneyView;
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
        $charge = $delivery->charge === null ? null : MoneyView::text($delivery->charge);
        $asked = [];
        if ($days !== null) {
            $asked[] = [
                'ask' => 'How long does it take?',
                'answer' => 'Between '.
                    $days->min.
                    ' and '.
                    $days->max.
                    ' working days, depending on the goods. Each page says how long its goods take.',
            ];
        }
        $asked[] = [
            'ask' => 'What does delivery cost?',
            'answer' => match (true) {
                $charge === null => 'That depends on what you buy. The basket says it before you pay.',
                $delivery->isFree() => 'Nothing, whatever you buy.',
                $delivery->freeOver !== null => $charge.' for a whole order; from '.
                    MoneyView::text($delivery->freeOver).
                    ' on it is free.',
                default => $charge.' for a whole order, however much is in it.',
            },
        ];
        $asked[] = ['ask' => 'Where do you send to?', 'answer' => ucfirst(Places::said($stall)).'.'];
        $asked[] = [
            'ask' => 'Is VAT in the prices?',
            'answer' => ! $stall->terms($stall->seen()->country)->tax->included ? 'No, it is added at the checkout.' : 'Yes. What you read is what you pay.',
        ];

        return $asked;
    }
}
