<?php

declare(strict_types=1);

namespace WindowStall\Bench\Pictures;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use WindowStall\Stall\Stall;
use WindowStall\Support\Pictures\Cut;
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
 * @property Cut $cut the form of what is shown
 * @property int $seen_x where what stays in view lies in what is shown, in hundredths from the left
 * @property int $seen_y from the top
 * @property bool $logo one of the stall's own that is its sign: trimmed, and not among the pictures
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
    protected $attributes = [
        'focal_x' => 50,
        'focal_y' => 50,
        'zoom' => 100,
        'cut' => 'square',
        'seen_x' => 50,
        'seen_y' => 50,
        'logo' => false,
    ];

    /** @var array<string, string> */
    protected $casts = ['cut' => Cut::class, 'logo' => 'boolean'];

    /**
     * The stall's own that are ready to be shown in sections.
     *
     * @param  Builder<self>  $query
     */
    public function scopeOwn(Builder $query): void
    {
        $query->whereNull('listing_id')->where('logo', false)->where('state', self::READY);
    }

    /** For object-position: what stays in view where only a part of what is shown fits. */
    public function focus(): string
    {
        return $this->seen_x.'% '.$this->seen_y.'%';
    }

    /** The address of the file at the size nearest to that width, or null while there is none. */
    public function url(int $width): ?string
    {
        return $this->state === self::READY && $this->path !== null ? PictureSizes::url($this->path, $width) : null;
    }

    /** @return HasMany<self, Stall> a stall's */
    public static function of(Stall $stall): HasMany
    {
        return $stall->hasMany(self::class);
    }
}
