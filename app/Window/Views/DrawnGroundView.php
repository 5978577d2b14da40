<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use WindowStall\Core\Look\DrawnGround;
use WindowStall\Core\Look\Tones;

/** A drawing to begin with, in the look's tones. */
final readonly class DrawnGroundView
{
    /** @param  string  $picture  an address that holds the drawing itself */
    public function __construct(public string $key, public string $words, public string $picture)
    {
    }

    /** @return list<self> */
    public static function all(Tones $tones): array
    {
        return array_map(static fn (DrawnGround $ground): self => new self(
            key: $ground->value,
            words: $ground->words(),
            picture: 'data:image/svg+xml;base64,'.base64_encode($ground->svg($tones)),
        ), DrawnGround::cases());
    }
}
