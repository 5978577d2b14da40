<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use WindowStall\Core\Look\LookForm;
use WindowStall\Stall\PreviewLinks;
use WindowStall\Stall\Stall;

/** A look to try on, with the address of the page in it. */
final readonly class OfferedLookView
{
    private const DRAWN = ['ground', 'ink', 'mute', 'line', 'band', 'brand', 'fill', 'on-fill', 'second', 'third'];

    /**
     * @param  array<string, mixed>  $look  every decision, as it is sent
     * @param  array<string, string>  $tones  tone → #rrggbb: what is drawn of it until the page in it has come
     * @param  int|null  $id  of one the stall keeps
     * @param  string|null  $key  of a starter
     */
    public function __construct(
        public string $name,
        public string $about,
        public array $look,
        public string $url,
        public array $tones,
        public ?int $id = null,
        public ?string $key = null,
    ) {
    }

    /** @param  array<string, mixed>  $look */
    public static function of(
        Stall $stall,
        string $name,
        string $about,
        array $look,
        ?int $id = null,
        ?string $key = null,
    ): self {
        return new self(
            name: $name,
            about: $about,
            look: $look,
            url: PreviewLinks::look($stall, ['name' => $name] + $look),
            tones: array_intersect_key(LookForm::read($look)->tones()->toArray(), array_flip(self::DRAWN)),
            id: $id,
            key: $key,
        );
    }
}
