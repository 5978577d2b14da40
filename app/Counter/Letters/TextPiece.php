<?php

declare(strict_types=1);

namespace WindowStall\Counter\Letters;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use WindowStall\Stall\Stall;

/**
 * A piece of text for answers, with facts in braces ({@see \WindowStall\Core\Dispatch\Told\FactWords}).
 *
 * @property int $id
 * @property int $stall_id
 * @property string $name
 * @property string $words
 */
final class TextPiece extends Model
{
    public $timestamps = false;

    /** @return HasMany<self, Stall> a stall's */
    public static function of(Stall $stall): HasMany
    {
        return $stall->hasMany(self::class);
    }
}
