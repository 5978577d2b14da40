<?php

declare(strict_types=1);

namespace WindowStall\Core\Policies;

/** Something only the seller knows, which a policy can't be published without. */
enum Blank: string
{
    case Trader = 'trader';
    case Street = 'street';
    case Town = 'town';
    case Postcode = 'postcode';
    case Email = 'email';
    case ReturnDays = 'return_days';
    case ReturnBy = 'return_by';
    case KeepYears = 'keep_years';

    /** As it stands in a sentence while it is open. */
    public function words(): string
    {
        return match ($this) {
            self::Trader => 'who runs the shop',
            self::Street => 'street',
            self::Town => 'town',
            self::Postcode => 'postcode',
            self::Email => 'where shoppers write to',
            self::ReturnDays => 'days for sending things back',
            self::ReturnBy => 'who pays for sending back',
            self::KeepYears => 'years orders are kept',
        };
    }
}
