<?php

declare(strict_types=1);

namespace WindowStall\Reviews;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use WindowStall\Bench\Listing;
use WindowStall\Core\Reviews\HeldFor;
use WindowStall\Core\Reviews\HiddenBecause;
use WindowStall\Core\Reviews\ReviewState;
use WindowStall\Stall\Stall;

/**
 * What a buyer wrote of goods.
 *
 * @property int $id
 * @property int $stall_id
 * @property int $listing_id
 * @property int|null $order_id
 * @property bool $verified whether who wrote it bought it here
 * @property string|null $source where it was brought in from; null where it was written here
 * @property int $stars 1 to 5
 * @property string $words plain text
 * @property string $name "" where it isn't to be shown
 * @property list<string> $pictures
 * @property string|null $language
 * @property ReviewState $state
 * @property list<string> $held_for values of {@see HeldFor}
 * @property HiddenBecause|null $hidden_because
 * @property Carbon|null $hidden_at
 * @property int|null $hidden_by
 * @property string|null $answer
 * @property Carbon|null $answered_at
 * @property Carbon|null $bought_at
 * @property Carbon $written_at
 * @property-read Listing|null $listing
 */
final class Review extends Model
{
    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'verified' => 'boolean',
            'pictures' => 'array',
            'state' => ReviewState::class,
            'held_for' => 'array',
            'hidden_because' => HiddenBecause::class,
            'hidden_at' => 'datetime',
            'answered_at' => 'datetime',
            'bought_at' => 'datetime',
            'written_at' => 'datetime',
        ];
    }

    /** @return HasMany<self, Stall> a stall's */
    public static function of(Stall $stall): HasMany
    {
        return $stall->hasMany(self::class);
    }

    /** @return BelongsTo<Listing, $this> */
    public function listing(): BelongsTo
    {
        return $this->belongsTo(Listing::class)->withTrashed();
    }
}
