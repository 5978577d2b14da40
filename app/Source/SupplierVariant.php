<?php

declare(strict_types=1);

namespace WindowStall\Source;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use WindowStall\Core\Delivery\DayRange;

/**
 * A variant as its supplier says it now, with its landed cost to the stall's home market.
 *
 * @property int $id
 * @property int $supplier_item_id
 * @property string $external_id
 * @property string $sku
 * @property string|null $barcode
 * @property string $label
 * @property int $position
 * @property int $cost_minor
 * @property int $stock
 * @property int $promised
 * @property int $out_of_reach of its pieces, those from where nothing is sent to the home market
 * @property bool $to_order whether its supplier takes an order for it; none does for a print house's plain blank
 * @property int $kept_back pieces that aren't sold, in case they have gone meanwhile
 * @property int $grams
 * @property int|null $rrp_minor in the supplier's currency
 * @property int|null $first_minor what its method asks for the first piece, in the supplier's currency
 * @property int|null $further_minor and for each further one
 * @property int|null $goods_minor
 * @property int|null $delivery_minor
 * @property int|null $landed_minor
 * @property int|null $days_min
 * @property int|null $days_max
 * @property string|null $warehouse
 * @property string|null $method
 * @property Carbon|null $gone_at
 */
final class SupplierVariant extends Model
{
    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['gone_at' => 'datetime', 'to_order' => 'boolean'];
    }

    /** @return BelongsTo<SupplierItem, $this> */
    public function item(): BelongsTo
    {
        return $this->belongsTo(SupplierItem::class, 'supplier_item_id');
    }

    /** How soon it comes to the home market; null where it isn't delivered there. */
    public function days(): ?DayRange
    {
        return $this->days_min === null || $this->days_max === null ? null : new DayRange($this->days_min, $this->days_max);
    }

    /**
     * Pieces that can still be sold: the supplier's count in warehouses that send home, less what this stall has
     * promised since, and what it keeps back. In SQL this is the column `available`.
     */
    public function available(): int
    {
        return $this->gone_at === null && $this->to_order
            ? max(0, $this->stock - $this->out_of_reach - $this->promised - $this->kept_back)
            : 0;
    }
}
