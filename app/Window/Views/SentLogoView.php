<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use WindowStall\Bench\Pictures\Picture;
use WindowStall\Support\Pictures\PictureSizes;

/** A logo that was sent: null while it is being made, or when it couldn't be. */
final readonly class SentLogoView
{
    public function __construct(public int $id, public bool $waits, public ?string $trouble, public ?LogoView $logo)
    {
    }

    public static function of(Picture $picture): self
    {
        $made = $picture->state === Picture::READY && $picture->path !== null;

        return new self(
            id: $picture->id,
            waits: $picture->state === Picture::WAITING,
            trouble: $picture->trouble,
            logo: $made
                ? new LogoView(
                    path: (string) $picture->path,
                    width: (int) $picture->width,
                    height: (int) $picture->height,
                    url: PictureSizes::url((string) $picture->path, 280),
                )
                : null,
        );
    }
}
