<?php

declare(strict_types=1);

namespace WindowStall\Core\Opening\Steps;

/** A step on the way from an empty stall to an open shop. */
enum FirstStep: string
{
    case Supplier = 'supplier';
    case Goods = 'goods';
    case Printer = 'printer';
    case Artwork = 'artwork';
    case Made = 'made';
    case Window = 'window';
    case Shop = 'shop';
    case Who = 'who';
    case Policies = 'policies';
    case Payment = 'payment';
    case Rehearsal = 'rehearsal';
    case Open = 'open';

    /** As somebody is told to do it. */
    public function words(): string
    {
        return match ($this) {
            self::Supplier => 'Connect a supplier',
            self::Goods => 'Take goods to the bench',
            self::Printer => 'Connect a print house',
            self::Artwork => 'Bring in your artwork',
            self::Made => 'Place it on blanks',
            self::Window => 'Put goods in the window',
            self::Shop => 'Dress the window and publish it',
            self::Who => 'Say who runs the shop',
            self::Policies => 'Publish its policies',
            self::Payment => 'Have money taken for real',
            self::Rehearsal => 'Rehearse it',
            self::Open => 'Open it',
        };
    }
}
