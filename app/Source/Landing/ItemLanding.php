<?php

declare(strict_types=1);

namespace WindowStall\Source\Landing;

use Illuminate\Database\Eloquent\Model;
use WindowStall\Core\Delivery\DayRange;

/**
 * What an item is found by in a market, with what its cheapest variant costs in a shopper's hands there (the stall's
 * currency; null where it isn't delivered).
 *
 * @property int $supplier_item_id
 * @property string $market
 * @property int $stall_id
 * @property int $connection_id
 * @property int|null $goods_minor
 * @property int|null $delivery_minor
 * @property int|null $landed_minor
 * @property int|null $days_min
 * @property int|null $days_max
 * @property string|null $warehouse
 * @property int $stock
 * @property int $variants
 * @property int|null $rating
 * @property string $category
 */
final class ItemLanding extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = null;

    public function days(): ?DayRange
    {
        return $this->days_min === null || $this->days_max === null
            ? null
            : new DayRange($this->days_min, $this->days_max);
    }
}
