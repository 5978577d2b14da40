<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

/** An uploaded logo. */
final readonly class LogoView
{
    public function __construct(public string $path, public int $width, public int $height, public string $url)
    {
    }
}
