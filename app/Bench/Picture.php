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
 * @property int $focal_x what stays in view, in hundredths from the left
 * @property int $focal_y from the top
 * @property int $zoom 100: the whole
 * @property string|null $original where the picture lies as it came
 * @property string|null $incoming where it lies as it was sent, until it is made
 * @property string|null $alike perceptual hash
 * @property string|null $shows the supplier's value of an option that it shows, such as a colour
 */
final class Picture extends Model
{
    public const WAITING = 'waiting';

    public const READY = 'ready';

    public const FAILED = 'failed';

    /** Fewer pixels a side look soft on a phone held close. */
    public const SMALL = 700;

    /** @var array<string, mixed> as the table has them */
    protected $attributes = ['focal_x' => 50, 'focal_y' => 50, 'zoom' => 100];

    /** The address of the file at the size nearest to that width, or null while there is none. */
    public function url(int $width): ?string
    {
        return $this->state === self::READY && $this->path !== null ? PictureSizes::url($this->path, $width) : null;
    }
}
