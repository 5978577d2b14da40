<?php

declare(strict_types=1);

namespace WindowStall\Core\Policies;

/** What a shop tells its shoppers about how it works. */
enum PolicyKind: string
{
    case Delivery = 'delivery';
    case Returns = 'returns';
    case Privacy = 'privacy';
    case Terms = 'terms';
    case Legal = 'legal';

    public function heading(): string
    {
        return match ($this) {
            self::Delivery => 'Delivery',
            self::Returns => 'Returns',
            self::Privacy => 'Privacy',
            self::Terms => 'Terms of sale',
            self::Legal => 'Who we are',
        };
    }
}
