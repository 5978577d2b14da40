<?php

declare(strict_types=1);

namespace WindowStall\Counter;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Source\Giving;
use WindowStall\Source\Own\OwnGood;
use WindowStall\Source\SupplierVariant;
use WindowStall\Stall\Stall;

/**
 * So many pieces of one variant in an order, as it was named and priced then.
 *
 * @property int $id
 * @property int $order_id
 * @property int|null $listing_variant_id
 * @property int|null $supplier_order_id
 * @property int $supplier_variant_id
 * @property string $title
 * @property string $label
 * @property string|null $picture
 * @property int $quantity
 * @property int $unit_minor
 * @property int $discount_minor what codes took off it
 * @property int|null $tax_rate in millionths; null where it was placed before that was written down
 * @property string|null $warehouse from which its supplier is asked to send it; null where that chooses
 * @property int $withdrawn pieces that were given back before any supplier had them
 * @property string|null $promised_from the first day on which the shopper was told it may be there, as YYYY-MM-DD
 * @property string|null $promised_to the last one
 * @property int|null $placing_id how artwork lay on it when it was sold
 * @property int|null $placing_revision
 * @property Giving|null $giving how it reaches its shopper where it isn't posted
 * @property int|null $own_good_id of which of the stall's own goods it is
 * @property int|null $total_minor what its pieces cost together, where that isn't so many times one
 */
final class OrderLine extends Model
{
    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['giving' => Giving::class];
    }

    /** @return BelongsTo<SupplierVariant, $this> */
    public function supplierVariant(): BelongsTo
    {
        return $this->belongsTo(SupplierVariant::class);
    }

    /** @return BelongsTo<OwnGood, $this> */
    public function ownGood(): BelongsTo
    {
        return $this->belongsTo(OwnGood::class);
    }

    /** @return BelongsTo<SupplierOrder, $this> */
    public function supplierOrder(): BelongsTo
    {
        return $this->belongsTo(SupplierOrder::class);
    }

    /** @param  Order  $order the order it belongs to, for its currency */
    public function total(Order $order): Money
    {
        return $this->total_minor === null
            ? $order->money($this->unit_minor)->times($this->quantity)
            : $order->money($this->total_minor);
    }

    /** As it is called in the language that a shop is read in. */
    public function nameIn(Stall $stall): string
    {
        $phrases = $stall->phrases();

        return $phrases->say($this->title).($this->label === '' ? '' : ', '.$phrases->chosen($this->label));
    }

    /** Pieces that are sent, or are to be. */
    public function toSend(): int
    {
        return $this->quantity - $this->withdrawn;
    }

    public function name(): string
    {
        return $this->title.($this->label === '' ? '' : ', '.$this->label);
    }
}
