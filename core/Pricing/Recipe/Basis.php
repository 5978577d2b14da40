<?php

declare(strict_types=1);

namespace WindowStall\Core\Pricing\Recipe;

/** What a recipe starts from. */
enum Basis: string
{
    case Goods = 'goods';
    case Landed = 'landed';

    public function words(): string
    {
        return $this === self::Goods ? 'goods' : 'landed cost';
    }
}
