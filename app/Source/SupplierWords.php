<?php

declare(strict_types=1);

namespace WindowStall\Source;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use WindowStall\Core\Source\Item;

/**
 * An item exactly as its supplier said it at one pull. Never edited; a new version is a new row.
 *
 * @property int $id
 * @property int $supplier_item_id
 * @property string $content_hash
 * @property array<string, mixed> $said
 * @property Carbon $said_at
 */
final class SupplierWords extends Model
{
    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['said' => 'array', 'said_at' => 'datetime'];
    }

    public function item(): Item
    {
        /** @phpstan-ignore argument.type (the column holds what Item::toArray gave) */
        return Item::fromArray($this->said);
    }
}
