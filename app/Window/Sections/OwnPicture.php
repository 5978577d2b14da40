<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections;

use WindowStall\Bench\Pictures\Picture;
use WindowStall\Stall\Stall;

/** One of the stall's own pictures, by its number. */
final class OwnPicture
{
    /** Null where there is none, where it is another stall's, and while it isn't made. */
    public static function of(Stall $stall, mixed $id): ?Picture
    {
        return is_int($id) ? Picture::of($stall)->own()->find($id) : null;
    }
}
