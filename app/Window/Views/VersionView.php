<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use WindowStall\Stall\Clock;
use WindowStall\Stall\PreviewLinks;
use WindowStall\Stall\Stall;
use WindowStall\Window\WindowRevision;

/** A state of the front page that was kept. */
final readonly class VersionView
{
    public function __construct(public int $id, public string $words, public string $when, public string $url)
    {
    }

    public static function of(Stall $stall, WindowRevision $revision): self
    {
        return new self(
            id: $revision->id,
            words: match (true) {
                $revision->name !== null => $revision->name,
                $revision->due_at !== null => 'To be published '.Clock::of($stall)->moment($revision->due_at),
                $revision->published_at !== null => 'Published',
                default => 'Kept',
            },
            when: ($revision->published_at ?? $revision->made_at)->diffForHumans(),
            url: PreviewLinks::revision($stall, $revision->id),
        );
    }
}
