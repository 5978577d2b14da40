<?php

declare(strict_types=1);

namespace WindowStall\Window;

use WindowStall\Bench\Pictures\Picture;
use WindowStall\Support\Pictures\Crop;
use WindowStall\Support\Pictures\PictureSizes;
use WindowStall\Support\Refusal;

/** Cuts one of the stall's own pictures anew; where it stands it is seen so at once. */
final readonly class CutPicture
{
    public function __construct(private PictureSizes $sizes)
    {
    }

    /** @throws Refusal where the whole picture isn't kept */
    public function __invoke(Picture $picture, Crop $crop): void
    {
        $was = new Crop($picture->focal_x, $picture->focal_y, $picture->zoom, $picture->cut);
        if ($crop == $was) {
            return;
        }
        $whole = $picture->original
            ?? throw new Refusal('The whole of this picture isn’t kept. Send it again to cut it.');
        $picture->fill(['focal_x' => $crop->x, 'focal_y' => $crop->y, 'zoom' => $crop->zoom, 'cut' => $crop->cut]);
        $picture->fill($this->sizes->again($whole, $picture->stall_id.'/own', $crop));
    }
}
