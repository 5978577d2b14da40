<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

/** What a saving came to: the notes that changed, the patch for the sheet, and whom one met. */
final readonly class SavedCopyView
{
    /**
     * @param  list<MarginNoteView>  $notes  those that changed
     * @param  LookView|null  $look  where it changed
     * @param  string|null  $meeting  what somebody else changed meanwhile
     * @param  array<string, mixed>|null  $merged  the look and the sections as they stand now, where somebody else's
     *     changes came in
     */
    public function __construct(
        public int $version,
        public array $notes,
        public ?LookView $look,
        public StandingView $standing,
        public PatchView $patch,
        public ?string $meeting,
        public ?array $merged,
    ) {
    }
}
