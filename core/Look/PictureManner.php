<?php

declare(strict_types=1);

namespace WindowStall\Core\Look;

/** How pictures of goods are shown in a look. */
final readonly class PictureManner
{
    public function __construct(public Ratio $ratio, public PictureGround $ground, public PictureFrame $frame)
    {
    }
}
