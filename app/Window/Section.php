<?php

declare(strict_types=1);

namespace WindowStall\Window;

use WindowStall\Window\Sections\SectionKind;

/** One section of a homepage: its kind, how it is set, and when and where it shows. */
final readonly class Section
{
    /** @param  array<string, mixed>  $settings as {@see SectionKind::clean()} gives them */
    public function __construct(
        public string $id,
        public SectionKind $kind,
        public array $settings,
        public Showing $showing,
    ) {
    }

    /**
     * @return array{
     *     id: string, kind: string, settings: array<string, mixed>,
     *     showing: array{hidden: bool, on: string, from: string, until: string, half?: string},
     * }
     */
    public function toArray(): array
    {
        return [
            'id' => $this->id,
            'kind' => $this->kind->key(),
            'settings' => $this->settings,
            'showing' => $this->showing->toArray(),
        ];
    }
}
