<?php

declare(strict_types=1);

namespace WindowStall\Reviews\Questions;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use WindowStall\Bench\Listing;
use WindowStall\Stall\Stall;

/**
 * A question about goods. With the answer on its way the shopper's address is forgotten.
 *
 * @property int $id
 * @property int $stall_id
 * @property int $listing_id
 * @property string|null $email null once it was answered
 * @property string $language
 * @property string $words plain text
 * @property bool $may_show whether the shopper agreed that others read it
 * @property list<string> $held_for values of {@see \WindowStall\Core\Reviews\HeldFor}
 * @property string|null $answer
 * @property bool $kept whether others read it with its answer
 * @property bool $put_by whether it was put aside without an answer
 * @property Carbon|null $answered_at
 * @property Carbon $asked_at
 * @property-read Listing|null $listing
 */
final class GoodsQuestion extends Model
{
    public const MOST_LETTERS = 500;

    /** On a page of goods. */
    private const READ = 20;

    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'may_show' => 'boolean',
            'held_for' => 'array',
            'kept' => 'boolean',
            'put_by' => 'boolean',
            'answered_at' => 'datetime',
            'asked_at' => 'datetime',
        ];
    }

    /** @return HasMany<self, Stall> a stall's */
    public static function of(Stall $stall): HasMany
    {
        return $stall->hasMany(self::class);
    }

    /** @return HasMany<self, Stall> those that wait for an answer */
    public static function waiting(Stall $stall): HasMany
    {
        return self::of($stall)->whereNull('answered_at')->where('put_by', false);
    }

    /** @return Collection<int, self> what others read on the page of goods, the latest first */
    public static function read(Listing $listing): Collection
    {
        return self::query()
            ->where('listing_id', $listing->id)
            ->where('kept', true)
            ->orderByDesc('answered_at')
            ->limit(self::READ)
            ->get();
    }

    /** @return BelongsTo<Listing, $this> */
    public function listing(): BelongsTo
    {
        return $this->belongsTo(Listing::class);
    }
}
