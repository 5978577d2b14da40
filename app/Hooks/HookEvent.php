<?php

declare(strict_types=1);

namespace WindowStall\Hooks;

/** What programs can be told of. */
enum HookEvent: string
{
    /** A supplier changed something that a listing sells: how much was followed, and what asks. */
    case Changes = 'drift.changes';

    /** A pull was set aside, as something in it was amiss. */
    case SetAside = 'pull.set_aside';

    /** An order was paid for. */
    case Paid = 'order.paid';

    /** A parcel of an order was posted. */
    case Posted = 'parcel.posted';

    /** A parcel of an order has arrived. */
    case There = 'parcel.there';

    /** Money of an order went back. */
    case Refunded = 'order.refunded';

    public function words(): string
    {
        return match ($this) {
            self::Changes => 'suppliers change what you sell',
            self::SetAside => 'a pull is set aside',
            self::Paid => 'an order is paid for',
            self::Posted => 'a parcel is posted',
            self::There => 'a parcel is there',
            self::Refunded => 'money goes back',
        };
    }
}
