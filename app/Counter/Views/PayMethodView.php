<?php

declare(strict_types=1);

namespace WindowStall\Counter\Views;

use WindowStall\Core\Payment\MethodTerms;
use WindowStall\Stall\Stall;
use WindowStall\Support\Views\MoneyView;

/** A way to pay, as a sentence and as it is changed. */
final readonly class PayMethodView
{
    /**
     * @param  string  $to  to whom it is offered: "to Ireland, from £10.00 on"; "to everybody"
     * @param  string  $fee  what the service takes: "1.9% and £0.20 of each"
     */
    public function __construct(
        public string $method,
        public string $words,
        public bool $on,
        public string $to,
        public string $fee,
        public bool $ownFee,
        public WrittenMethodView $written,
    ) {
    }

    public static function of(Stall $stall, MethodTerms $terms): self
    {
        $sheet = $stall->terms();
        $countries = implode(' and ', array_map(Stall::countrySaid(...), $terms->countries));

        return new self(
            method: $terms->method->value,
            words: $terms->method->words(),
            on: $terms->on,
            to: implode(', ', array_filter([
                $countries === '' ? 'to everybody' : 'to '.$countries,
                $terms->least === null ? '' : 'from '.MoneyView::text($terms->least).' on',
                $terms->most === null ? '' : 'up to '.MoneyView::text($terms->most),
            ])),
            fee: sprintf(
                '%s and %s of each',
                ($terms->fee ?? $sheet->payment)->percent(),
                MoneyView::text($terms->fixed ?? $sheet->paymentFixed),
            ),
            ownFee: $terms->fee !== null || $terms->fixed !== null,
            written: WrittenMethodView::of($terms),
        );
    }
}
