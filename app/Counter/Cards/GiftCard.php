<?php

declare(strict_types=1);

namespace WindowStall\Counter\Cards;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use WindowStall\Core\Giving\CardCode;
use WindowStall\Stall\Stall;

/**
 * A gift card that was sold. What is left on it is worked out from what it paid and what came back; nothing keeps it.
 *
 * @property int $id
 * @property int $stall_id
 * @property int|null $order_line_id of the order it was bought with
 * @property string $code_hash by which it is found
 * @property string $code as whoever bought it reads it
 * @property string $currency
 * @property int $value_minor
 * @property Carbon|null $ended_at since when it pays nothing any more: its own money went back
 */
final class GiftCard extends Model
{
    public const UPDATED_AT = null;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['code' => 'encrypted', 'ended_at' => 'datetime'];
    }

    /** @return HasMany<self, Stall> a stall's */
    public static function of(Stall $stall): HasMany
    {
        return $stall->hasMany(self::class);
    }

    public static function find(Stall $stall, CardCode $code): ?self
    {
        return self::of($stall)->where('code_hash', $code->hash())->first();
    }

    /** The end of its code, by which whoever typed it knows it again. */
    public function end(): string
    {
        return mb_substr($this->code, -6);
    }
}
