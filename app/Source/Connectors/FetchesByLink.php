<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors;

use WindowStall\Core\Source\Item;

/** A kind of supplier of which a single item can be fetched by the address of its page. */
interface FetchesByLink
{
    /** The item's id that the address names, or null when it is no address of an item there. */
    public function idIn(Access $access, string $address): ?string;

    public function item(Access $access, string $id): Item;
}
