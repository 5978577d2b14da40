<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use WindowStall\Bench\ListingVariant;
use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Money\Money;
use WindowStall\Stall\Stall;

/**
 * So many pieces of one variant in a basket.
 *
 * @property int $id
 * @property string $basket_id
 * @property int $listing_variant_id
 * @property int $quantity
 * @property int|null $seen_minor what one piece cost when the shopper chose it
 * @property string|null $seen_currency in which that was; the stall's where it is null
 * @property string|null $seen_days how soon it would have come then, as {@see DayRange} writes it
 */
final class BasketRow extends Model
{
    protected $table = 'basket_lines';

    public $timestamps = false;

    /** @return BelongsTo<ListingVariant, $this> */
    public function variant(): BelongsTo
    {
        return $this->belongsTo(ListingVariant::class, 'listing_variant_id');
    }

    /** What one piece cost when the shopper chose it. */
    public function seen(Stall $stall): ?Money
    {
        return $this->seen_minor === null ? null : Money::of($this->seen_minor, $this->seen_currency ?? $stall->currency);
    }
}
