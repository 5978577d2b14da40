<?php

declare(strict_types=1);

namespace WindowStall\Counter\Views;

use WindowStall\Counter\Order;
use WindowStall\Counter\Papers\OrderPaper;
use WindowStall\Counter\Papers\PaperKind;
use WindowStall\Stall\Stall;

/** An invoice or a credit note of an order. */
final readonly class PaperView
{
    /**
     * @param  string  $words  "Invoice 2026-0012"
     * @param  string  $address  of its page, without an end; ".pdf" behind it is the PDF
     */
    public function __construct(public string $words, public string $address)
    {
    }

    public static function of(Stall $stall, Order $order, OrderPaper $paper): self
    {
        return new self(
            ($paper->kind === PaperKind::Invoice ? 'Invoice ' : 'Credit note ').$paper->name(),
            $stall->shopAddress('/orders/'.$order->token.'/papers/'.$paper->name()),
        );
    }
}
