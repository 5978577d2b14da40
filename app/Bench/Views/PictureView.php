<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

use WindowStall\Bench\Pictures\Picture;
use WindowStall\Support\Pictures\AlikeHash;
use WindowStall\Support\Pictures\PictureSizes;

/** A picture on the bench. `url` is null while it is being fetched. */
final readonly class PictureView
{
    /**
     * @param  string|null  $whole  the original, for choosing what of it is seen
     * @param  string|null  $shows  the supplier's value of an option that it shows
     * @param  list<string>  $notes  what is wrong with it
     */
    public function __construct(
        public int $id,
        public ?string $url,
        public ?string $whole,
        public string $state,
        public ?string $trouble,
        public bool $uploaded,
        public string $alt,
        public int $x,
        public int $y,
        public int $zoom,
        public ?string $shows,
        public array $notes,
    ) {
    }

    /** @param  list<Picture>  $before  those that stand before it, among which a like one may be */
    public static function of(Picture $picture, array $before = []): self
    {
        return new self(
            id: $picture->id,
            url: $picture->url(280),
            whole: $picture->original === null ? $picture->url(640) : PictureSizes::original($picture->original),
            state: $picture->state,
            trouble: $picture->trouble,
            uploaded: $picture->source === null,
            alt: (string) $picture->alt,
            x: $picture->focal_x,
            y: $picture->focal_y,
            zoom: $picture->zoom,
            shows: $picture->shows,
            notes: self::notes($picture, $before),
        );
    }

    /**
     * @param  array<Picture>  $pictures  that needn't be told apart
     * @return list<self>
     */
    public static function each(array $pictures): array
    {
        return array_values(array_map(static fn (Picture $p): self => self::of($p), $pictures));
    }

    /**
     * @param  list<Picture>  $pictures  as they are shown one after the other
     * @return list<self>
     */
    public static function list(array $pictures): array
    {
        return array_map(
            static fn (Picture $p, int $n): self => self::of($p, array_slice($pictures, 0, $n)),
            $pictures,
            array_keys($pictures),
        );
    }

    /**
     * @param  list<Picture>  $before
     * @return list<string>
     */
    private static function notes(Picture $picture, array $before): array
    {
        $notes = [];
        if (
            $picture->width !== null &&
            $picture->height !== null &&
            min($picture->width, $picture->height) < Picture::SMALL
        ) {
            $notes[] = sprintf('Small: %d × %d; it looks soft on a phone.', $picture->width, $picture->height);
        }
        foreach ($before as $n => $other) {
            if ($picture->alike !== null && $other->alike !== null && AlikeHash::same($picture->alike, $other->alike)) {
                $notes[] = sprintf('Looks like picture %d.', $n + 1);
                break;
            }
        }

        return $notes;
    }
}
