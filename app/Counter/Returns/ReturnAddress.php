<?php

declare(strict_types=1);

namespace WindowStall\Counter\Returns;

use WindowStall\Counter\Order;
use WindowStall\Counter\OrderLine;
use WindowStall\Stall\Stall;
use WindowStall\Window\Policies\Particulars;

/** Where returned goods go: to where their supplier takes them, as the seller said last, or to who runs the stall. */
final class ReturnAddress
{
    /** @return string "" where neither is known */
    public static function of(Stall $stall, Order $order, OrderReturn $return): string
    {
        $line = $order->lines->first(static fn (OrderLine $line): bool => isset($return->pieces[$line->id]));
        $theirs = (string) $line?->supplierOrder?->connection?->returns_to;
        $own = Particulars::of($stall);

        return $theirs !== '' ? $theirs : implode(', ', array_filter(
            $own->street === null ? [] : [$own->trader ?? $stall->name, $own->street, trim($own->town.' '.$own->postcode)],
        ));
    }
}
