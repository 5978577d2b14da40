<?php

declare(strict_types=1);

namespace WindowStall\Shelves;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use WindowStall\Stall\Stall;

/**
 * Two words that mean the same to shoppers: whoever looks for one finds the other too, either way round.
 *
 * @property int $id
 * @property int $stall_id
 * @property string $word
 * @property string $means
 */
final class Synonym extends Model
{
    /** Pairs a stall may have. */
    public const MOST = 500;

    /** @return HasMany<self, Stall> a stall's */
    public static function of(Stall $stall): HasMany
    {
        return $stall->hasMany(self::class);
    }
}
