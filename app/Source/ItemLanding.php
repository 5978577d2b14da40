<?php

declare(strict_types=1);

namespace WindowStall\Source;

use Illuminate\Database\Eloquent\Model;
use WindowStall\Core\Delivery\DayRange;

/**
 * What the cheapest variant of an item costs in the hands of a shopper in a market; the stall's currency. No row: not delivered there.
 *
 * @property int $supplier_item_id
 * @property string $market
 * @property int $stall_id
 * @property int $goods_minor
 * @property int $delivery_minor
 * @property int $landed_minor
 * @property int $days_min
 * @property int $days_max
 * @property string $warehouse
 */
final class ItemLanding extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = null;

    public function days(): DayRange
    {
        return new DayRange($this->days_min, $this->days_max);
    }
}
