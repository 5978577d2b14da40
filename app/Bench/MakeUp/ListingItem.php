<?php

declare(strict_types=1);

namespace WindowStall\Bench\MakeUp;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use WindowStall\Source\SupplierItem;
use WindowStall\Source\SupplierWords;

/**
 * A further supplier item of a listing that was joined from several.
 *
 * @property int $id
 * @property int $listing_id
 * @property int $supplier_item_id
 * @property int $agreed_words_id
 */
final class ListingItem extends Model
{
    public $timestamps = false;

    /** @return BelongsTo<SupplierItem, $this> */
    public function supplierItem(): BelongsTo
    {
        return $this->belongsTo(SupplierItem::class);
    }

    /** @return BelongsTo<SupplierWords, $this> */
    public function agreedWords(): BelongsTo
    {
        return $this->belongsTo(SupplierWords::class, 'agreed_words_id');
    }
}
