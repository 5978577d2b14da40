<?php

declare(strict_types=1);

namespace WindowStall\Window\Policies;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use WindowStall\Core\Policies\PolicyKind;
use WindowStall\Stall\Stall;

/**
 * What a policy said from some day on; never changed, so that an order can be held to what it was bought under.
 *
 * @property int $id
 * @property int $stall_id
 * @property PolicyKind $kind
 * @property int $number counts the versions of its kind
 * @property array<string, string> $words clause by clause
 * @property Carbon $published_at
 */
final class PolicyVersion extends Model
{
    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => PolicyKind::class, 'words' => 'array', 'published_at' => 'datetime'];
    }

    /** @return HasMany<self, Stall> a stall's */
    public static function of(Stall $stall): HasMany
    {
        return $stall->hasMany(self::class);
    }

    /** @return array<string, self> what counts now, by kind */
    public static function now(Stall $stall): array
    {
        $now = [];
        foreach (self::of($stall)->orderBy('number')->get() as $version) {
            $now[$version->kind->value] = $version;
        }

        return $now;
    }
}
