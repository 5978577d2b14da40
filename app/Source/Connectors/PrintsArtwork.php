<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors;

/** A print house: it takes print files, each once, and orders that refer to them. */
interface PrintsArtwork extends TakesOrders
{
    /**
     * @param  string  $sha256  of the file
     *
     * @throws SupplierTrouble
     */
    public function hasFile(Access $access, string $sha256): bool;

    /**
     * Sends a file; sending it again changes nothing.
     *
     * @throws SupplierTrouble
     */
    public function sendFile(Access $access, string $sha256, string $bytes): void;
}
