<?php

declare(strict_types=1);

namespace WindowStall\Counter\Asking;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use WindowStall\Core\Dispatch\Asking\OfferState;
use WindowStall\Core\Dispatch\Asking\WishKind;
use WindowStall\Core\Dispatch\Asking\WishState;
use WindowStall\Source\SupplierConnection;
use WindowStall\Source\SupplierItem;
use WindowStall\Source\SupplierVariant;
use WindowStall\Stall\Stall;

/**
 * Something a stall asks a supplier for besides what it lists. Its key is made with it, so however often it is sent, it is one
 * request there.
 *
 * @property int $id
 * @property int $stall_id
 * @property int $connection_id
 * @property string $key
 * @property WishKind $kind
 * @property int|null $supplier_item_id
 * @property int|null $supplier_variant_id
 * @property int|null $pieces
 * @property int|null $wished_minor for a piece, in the stall's currency
 * @property int|null $told_minor the same as the supplier is told it, by the rate of the day
 * @property string|null $told_currency
 * @property string $words
 * @property string|null $link
 * @property string|null $picture
 * @property WishState $state
 * @property string|null $external_id
 * @property string|null $trouble
 * @property Carbon|null $asking_until somebody has it in hand until then
 * @property Carbon|null $next_ask_at
 * @property Carbon|null $read_at when the seller saw it last
 * @property Carbon $created_at
 */
final class SupplierRequest extends Model
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'kind' => WishKind::class,
            'state' => WishState::class,
            'asking_until' => 'datetime',
            'next_ask_at' => 'datetime',
            'read_at' => 'datetime',
        ];
    }

    /** @return HasMany<self, Stall> a stall's */
    public static function of(Stall $stall): HasMany
    {
        return $stall->hasMany(self::class);
    }

    /** @return BelongsTo<Stall, $this> */
    public function stall(): BelongsTo
    {
        return $this->belongsTo(Stall::class);
    }

    /** @return BelongsTo<SupplierConnection, $this> */
    public function connection(): BelongsTo
    {
        return $this->belongsTo(SupplierConnection::class, 'connection_id');
    }

    /** @return BelongsTo<SupplierItem, $this> */
    public function item(): BelongsTo
    {
        return $this->belongsTo(SupplierItem::class, 'supplier_item_id');
    }

    /** @return BelongsTo<SupplierVariant, $this> */
    public function variant(): BelongsTo
    {
        return $this->belongsTo(SupplierVariant::class, 'supplier_variant_id');
    }

    /** @return HasMany<RequestMessage, $this> */
    public function messages(): HasMany
    {
        return $this->hasMany(RequestMessage::class)->orderBy('at')->orderBy('id');
    }

    /** @return HasMany<SupplierOffer, $this> */
    public function offers(): HasMany
    {
        return $this->hasMany(SupplierOffer::class)->orderBy('id');
    }

    /** Whether the supplier has said something that the seller hasn't seen; with its messages and offers. */
    public function isNew(): bool
    {
        $seen = $this->read_at;
        $said = $this->messages->where('theirs', true)->max('at') ?? $this->offers->max('at');

        return $said instanceof Carbon && ($seen === null || $said->isAfter($seen));
    }

    /** Whether the supplier still has something to say; with its offers. */
    public function waits(): bool
    {
        return $this->state->open() || $this->offers->contains(
            static fn (SupplierOffer $one): bool => ($one->state === OfferState::Open && $one->wanted_at !== null)
                || ($one->order !== null && ! str_starts_with($one->order_stands, 'posted')),
        );
    }

    public function openOffer(): ?SupplierOffer
    {
        return $this->offers->last(static fn (SupplierOffer $one): bool => $one->state === OfferState::Open);
    }
}
