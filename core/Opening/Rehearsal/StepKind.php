<?php

declare(strict_types=1);

namespace WindowStall\Core\Opening\Rehearsal;

use WindowStall\Core\Opening\Left\MendedAt;

/** What a shopper of a rehearsal does, in this order. */
enum StepKind: string
{
    case Home = 'home';
    case Shelf = 'shelf';
    case Search = 'search';
    case Basket = 'basket';
    case Address = 'address';
    case Paid = 'paid';
    case Supplier = 'supplier';
    case Letters = 'letters';
    case There = 'there';
    case Back = 'back';

    /** Where it is mended when it goes wrong. */
    public function mendedAt(): MendedAt
    {
        return match ($this) {
            self::Home => MendedAt::Window,
            self::Shelf, self::Search => MendedAt::Shelves,
            self::Basket => MendedAt::Board,
            self::Address => MendedAt::Delivery,
            self::Paid => MendedAt::Payment,
            self::Supplier => MendedAt::Source,
            self::Letters => MendedAt::Letters,
            self::There => MendedAt::Delivery,
            self::Back => MendedAt::Pages,
        };
    }

    /** Whether nothing after it can be tried where it couldn't be. */
    public function carriesOn(): bool
    {
        return in_array($this, [self::Address, self::Paid], true);
    }

    /** As a seller says where a shopper got stuck: "at the checkout". */
    public function where(): string
    {
        return match ($this) {
            self::Home => 'on the front page',
            self::Shelf => 'on the shelves',
            self::Search => 'at the search',
            self::Basket => 'at the basket',
            self::Address => 'at the checkout',
            self::Paid => 'at paying',
            self::Supplier => 'at the supplier',
            self::Letters => 'at the letters',
            self::There => 'on the way',
            self::Back => 'at sending back',
        };
    }
}
