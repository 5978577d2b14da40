<?php

declare(strict_types=1);

namespace WindowStall\Bench;

use Illuminate\Database\Eloquent\Model;
use WindowStall\Support\Pictures\PictureSizes;

/**
 * A picture, fetched from a supplier (source) or uploaded, made into the shop's sizes when its state is "ready".
 *
 * @property int $id
 * @property int $stall_id
 * @property int|null $listing_id
 * @property string|null $source
 * @property string|null $path
 * @property int|null $width
 * @property int|null $height
 * @property string $state
 * @property string|null $trouble
 * @property string|null $alt
 */
final class Picture extends Model
{
    public const WAITING = 'waiting';

    public const READY = 'ready';

    public const FAILED = 'failed';

    /** The address of the file at the size nearest to that width, or null while there is none. */
    public function url(int $width): ?string
    {
        return $this->state === self::READY && $this->path !== null ? PictureSizes::url($this->path, $width) : null;
    }
}
