<?php

declare(strict_types=1);

namespace WindowStall\Core\Delivery\Ways;

use WindowStall\Core\Money\Money;

/** What a carrier asks for it at this moment, plus something; a stated charge where it doesn't say. */
final readonly class CarrierCharge implements Charge
{
    public function __construct(public CarrierService $service, public Money $plus, public Money $otherwise)
    {
    }

    public function of(Load $load): Money
    {
        return $load->carrier === null ? $this->otherwise : $load->carrier->plus($this->plus);
    }

    public function least(): Money
    {
        return $this->plus;
    }
}
