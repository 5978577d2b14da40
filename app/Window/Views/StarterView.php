<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use WindowStall\Core\Look\StarterLook;
use WindowStall\Core\Look\Tones;

/** A starter look to choose. */
final readonly class StarterView
{
    /** @param  array<string, string>  $tones with the starter's own brand colour */
    public function __construct(public string $key, public string $name, public string $about, public string $brand, public array $tones, public string $face, public int $radius)
    {
    }

    /** @return list<self> */
    public static function all(): array
    {
        return array_map(static fn (StarterLook $s): self => new self($s->value, $s->words(), $s->about(), $s->brand()->toHex(), Tones::from($s->brand(), $s->mood())->toArray(), $s->displayFace(), $s->radius()), StarterLook::cases());
    }
}
