<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

use WindowStall\Bench\Picture;

/** A picture on the bench. `url` is null while it is being fetched. */
final readonly class PictureView
{
    public function __construct(public int $id, public ?string $url, public string $state, public ?string $trouble, public bool $uploaded)
    {
    }

    public static function of(Picture $picture): self
    {
        return new self($picture->id, $picture->url(320), $picture->state, $picture->trouble, $picture->source === null);
    }
}
