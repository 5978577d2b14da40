<?php

declare(strict_types=1);

namespace WindowStall\Window\Scripts;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use WindowStall\Core\Policies\ScriptHosts;
use WindowStall\Core\Policies\ScriptPurpose;
use WindowStall\Stall\Stall;

/**
 * A script or a pixel of somebody else that runs beside the shop's pages, in a frame that sees nothing of them.
 *
 * @property int $id
 * @property int $stall_id
 * @property string $name whose it is, as shoppers read it
 * @property ScriptPurpose $purpose
 * @property string $address where it is loaded from
 * @property bool $is_picture whether it is a pixel
 * @property list<string> $hosts that it needs besides
 */
final class OutsideScript extends Model
{
    public const UPDATED_AT = null;

    public const MOST = 12;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['purpose' => ScriptPurpose::class, 'is_picture' => 'boolean', 'hosts' => 'array'];
    }

    /** @return HasMany<self, Stall> a stall's */
    public static function of(Stall $stall): HasMany
    {
        return $stall->hasMany(self::class);
    }

    /** @return list<string> all that it is loaded from and talks to */
    public function allHosts(): array
    {
        return array_values(array_unique(array_filter([ScriptHosts::ofAddress($this->address), ...$this->hosts])));
    }
}
