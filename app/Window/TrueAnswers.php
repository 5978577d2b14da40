<?php

declare(strict_types=1);

namespace WindowStall\Window;

use WindowStall\Stall\Terms\Places;
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
        $flat = MoneyView::text($stall->flatDelivery());
        $free = $stall->freeOver();
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
                $stall->flat_delivery_minor === 0 => 'Nothing, whatever you buy.',
                $free !== null => $flat.' for a whole order; from '.MoneyView::text($free).' on it is free.',
                default => $flat.' for a whole order, however much is in it.',
            },
        ];
        $asked[] = ['ask' => 'Where do you send to?', 'answer' => ucfirst(Places::said($stall)).'.'];
        $asked[] = [
            'ask' => 'Is VAT in the prices?',
            'answer' => $stall->tax_on_top ? 'No, it is added at the checkout.' : 'Yes. What you read is what you pay.',
        ];

        return $asked;
    }
}
