<?php

declare(strict_types=1);

namespace WindowStall\Core\Delivery\Ways;

use WindowStall\Core\Money\Money;

/** So much for the first piece, and so much for each further one. */
final readonly class PieceCharge implements Charge
{
    public function __construct(public Money $first, public Money $further)
    {
    }

    public function of(Load $load): Money
    {
        return $this->first->plus($this->further->times($load->pieces - 1));
    }

    public function least(): Money
    {
        return $this->first;
    }
}
