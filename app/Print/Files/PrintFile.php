<?php

declare(strict_types=1);

namespace WindowStall\Print\Files;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use WindowStall\Stall\Stall;

/**
 * A file that a print house prints from; made once of the same, and kept.
 *
 * @property int $id
 * @property int $stall_id
 * @property string $made_of of all that it is made from
 * @property string $name by docs/formats.md
 * @property string $path
 * @property string $format "png" or "pdf"
 * @property string $sha256
 * @property int $bytes
 * @property int $width tenths of a millimetre, with bleed
 * @property int $height
 * @property int $dpi
 * @property Carbon $made_at
 */
final class PrintFile extends Model
{
    public $timestamps = false;

    /** @var array<string, string> */
    protected $casts = ['made_at' => 'datetime'];

    /** @return HasMany<self, Stall> a stall's */
    public static function of(Stall $stall): HasMany
    {
        return $stall->hasMany(self::class);
    }
}
