<?php

declare(strict_types=1);

namespace WindowStall\Print;

use WindowStall\Source\Connectors\PrintsArtwork;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;

/** Whether a stall has a print house. */
final class PrintsHere
{
    public static function connected(Stall $stall): bool
    {
        foreach (SupplierConnection::of($stall)->whereNull('disconnected_at')->get() as $connection) {
            if ($connection->connector() instanceof PrintsArtwork) {
                return true;
            }
        }

        return false;
    }
}
