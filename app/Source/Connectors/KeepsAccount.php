<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors;

/** A supplier that says how an account with it stands. */
interface KeepsAccount
{
    /** @throws SupplierTrouble */
    public function standing(Access $access): AccountStanding;
}
