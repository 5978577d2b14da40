<?php

declare(strict_types=1);

namespace WindowStall\Drift;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingVariant;
use WindowStall\Core\Drift\ChangeKind;
use WindowStall\Core\Drift\Standing;
use WindowStall\Source\SupplierConnection;

/**
 * Something a supplier changed about a listing: what became of it, by which rule, and what it does to one sale at home.
 *
 * @property int $id
 * @property int $stall_id
 * @property int $listing_id
 * @property int $connection_id
 * @property int $supplier_item_id
 * @property int|null $listing_variant_id
 * @property int|null $run_id
 * @property ChangeKind $kind
 * @property string $variant the supplier's id, or empty for the item
 * @property string $about
 * @property string $before as a person reads it
 * @property string $after
 * @property string|int|list<string>|null $said what was agreed, as it was said
 * @property Standing $standing
 * @property bool $asked whether it asked before it stood as it does
 * @property string $rule
 * @property int|null $moved_bp
 * @property int|null $price_was
 * @property int|null $keep_was
 * @property int|null $price_kept
 * @property int|null $keep_kept
 * @property int|null $price_agreed
 * @property int|null $keep_agreed
 * @property bool $raised whether a price that stood made way for the recipe's, so as not to fall under its floor
 * @property bool $under_floor whether the price that stands is under its floor
 * @property int|null $change_id
 * @property Standing|null $stood before a person decided
 * @property int|null $decided_by
 * @property Carbon|null $decided_at
 * @property Carbon $at
 * @property-read Listing|null $listing
 * @property-read SupplierConnection|null $connection
 * @property-read ListingVariant|null $listingVariant
 */
final class DriftChange extends Model
{
    /** Of what is no longer said, nobody is asked. */
    public const TAKEN_BACK = ['standing' => Standing::Settled, 'rule' => 'the supplier took it back'];

    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'kind' => ChangeKind::class,
            'said' => 'array',
            'standing' => Standing::class,
            'stood' => Standing::class,
            'under_floor' => 'boolean',
            'raised' => 'boolean',
            'asked' => 'boolean',
            'decided_at' => 'datetime',
            'at' => 'datetime',
        ];
    }

    /** Whether what was said before can be set back as the seller's own word. */
    public function canBeSetBack(): bool
    {
        return $this->kind->waits() && in_array($this->standing, [Standing::Followed, Standing::Agreed], true);
    }

    /** @return BelongsTo<Listing, $this> */
    public function listing(): BelongsTo
    {
        return $this->belongsTo(Listing::class);
    }

    /** @return BelongsTo<SupplierConnection, $this> */
    public function connection(): BelongsTo
    {
        return $this->belongsTo(SupplierConnection::class, 'connection_id');
    }

    /** @return BelongsTo<ListingVariant, $this> */
    public function listingVariant(): BelongsTo
    {
        return $this->belongsTo(ListingVariant::class);
    }
}
