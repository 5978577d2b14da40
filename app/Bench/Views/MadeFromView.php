<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

use WindowStall\Source\MadeFrom;
use WindowStall\Source\MadeGoods;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Stall;

/** What a listing's goods were made from by the stall, such as artwork on a blank; and what is amiss with it. */
final readonly class MadeFromView
{
    /**
     * @param  list<string>  $amiss
     */
    public function __construct(public string $name, public string $address, public array $amiss)
    {
    }

    public static function of(Stall $stall, ?SupplierItem $item): ?self
    {
        $from = $item?->made_from_id === null ? null : app(MadeGoods::class)->from($stall, $item);

        return $from instanceof MadeFrom ? new self($from->name, $from->address, $from->amiss) : null;
    }
}
