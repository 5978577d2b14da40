<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use WindowStall\Window\Written\ShownNotes;
use WindowStall\Window\Written\WrittenPage;

/** A note in the list of those a seller wrote. */
final readonly class WrittenNoteView
{
    /** @param  string  $day  "" until it is shown */
    public function __construct(public int $id, public string $title, public string $day, public string $stands, public bool $shown)
    {
    }

    public static function of(WrittenPage $note): self
    {
        return new self(
            id: $note->id,
            title: $note->title,
            day: ShownNotes::day($note),
            stands: match (true) {
                $note->shown === null => 'Shoppers don’t see it yet.',
                $note->changes() > 0 => 'Shoppers see it as it was before.',
                $note->hidden => 'Seen by whoever has its address.',
                default => 'Shoppers see it.',
            },
            shown: $note->shown !== null,
        );
    }
}
