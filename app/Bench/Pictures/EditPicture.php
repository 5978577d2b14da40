<?php

declare(strict_types=1);

namespace WindowStall\Bench\Pictures;

use WindowStall\Bench\Listing;
use WindowStall\Bench\ProjectListings;
use WindowStall\Stall\Stall;
use WindowStall\Support\Pictures\Crop;
use WindowStall\Support\Pictures\PictureSizes;
use WindowStall\Support\Refusal;

/** What the seller says of one picture: what of it is seen, what it shows, in words and as an option's value. */
final readonly class EditPicture
{
    public function __construct(private PictureSizes $sizes, private ProjectListings $project)
    {
    }

    /**
     * @param  array{alt?: string|null, x?: int, y?: int, zoom?: int, shows?: string|null}  $own
     *
     * @throws Refusal
     */
    public function __invoke(Stall $stall, Listing $listing, Picture $picture, array $own): void
    {
        if (array_key_exists('alt', $own)) {
            $picture->alt = trim((string) $own['alt']) === '' ? null : mb_substr(trim((string) $own['alt']), 0, 200);
            $listing->update(['drafts' => array_values(array_diff($listing->drafts, ['alt']))]);
        }
        if (array_key_exists('shows', $own)) {
            $picture->shows = $own['shows'];
            if ($own['shows'] !== null) {
                // One picture per value: the newer takes its place.
                $listing
                    ->pictures()
                    ->whereKeyNot($picture->id)
                    ->where('shows', $own['shows'])
                    ->update(['shows' => null]);
            }
        }
        [$x, $y, $zoom] = [
            $own['x'] ?? $picture->focal_x,
            $own['y'] ?? $picture->focal_y,
            $own['zoom'] ?? $picture->zoom,
        ];
        if ([$x, $y, $zoom] !== [$picture->focal_x, $picture->focal_y, $picture->zoom]) {
            if ($picture->original === null) {
                throw new Refusal('The original of this picture isn’t kept; fetch it again first.');
            }
            $picture->fill(
                ['focal_x' => $x, 'focal_y' => $y, 'zoom' => $zoom] +
                    $this->sizes->again($picture->original, $stall->id.'/'.$listing->id, new Crop($x, $y, $zoom)),
            );
        }
        $picture->save();
        ($this->project)($stall, [$listing->id]);
    }
}
