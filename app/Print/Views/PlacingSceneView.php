<?php

declare(strict_types=1);

namespace WindowStall\Print\Views;

/** A scene that the print house has plates of. */
final readonly class PlacingSceneView
{
    public function __construct(
        public string $code,
        public string $name,
        public bool $chosen,
    ) {
    }
}
