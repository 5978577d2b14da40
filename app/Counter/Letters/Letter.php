<?php

declare(strict_types=1);

namespace WindowStall\Counter\Letters;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use WindowStall\Counter\Order;
use WindowStall\Stall\Stall;

/**
 * What a shopper wrote on the shop's page, with what was answered.
 *
 * @property int $id
 * @property int $stall_id
 * @property int|null $order_id
 * @property string $name
 * @property string $email
 * @property string $whose its mail address in small letters
 * @property string $language that its writer reads, ISO 639-1
 * @property bool $open whether it waits for an answer
 * @property Carbon $last_at
 */
final class Letter extends Model
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['open' => 'boolean', 'last_at' => 'datetime'];
    }

    /** @return HasMany<self, Stall> a stall's */
    public static function of(Stall $stall): HasMany
    {
        return $stall->hasMany(self::class);
    }

    /** @return HasMany<LetterLine, $this> */
    public function lines(): HasMany
    {
        return $this->hasMany(LetterLine::class)->orderBy('id');
    }

    /** @return BelongsTo<Order, $this> */
    public function order(): BelongsTo
    {
        return $this->belongsTo(Order::class);
    }
}
