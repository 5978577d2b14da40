<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use WindowStall\Core\Window\Changes;
use WindowStall\Window\Content;
use WindowStall\Window\Window;
use WindowStall\Window\WindowRevision;

/** How the working copy stands against what shoppers see. */
final readonly class StandingView
{
    /**
     * @param  int  $changes  sections and decisions of the look that differ
     * @param  string  $sample  how many words are still those of the first version, or nothing
     * @param  string|null  $due  when a publishing is set for, as people say it
     */
    public function __construct(
        public int $changes,
        public string $words,
        public string $sample,
        public ?string $due,
        public ?int $dueId,
    ) {
    }

    public static function of(Window $window, Content $content): self
    {
        $published = $window->published;
        $changes = $published === null ? 0 : Changes::between($published->state()->toArray(), $content->toArray());
        $since = $published?->published_at?->diffForHumans() ?? 'never';
        $due = WindowRevision::query()
            ->where('stall_id', $window->stall_id)
            ->whereNotNull('due_at')
            ->orderBy('due_at')
            ->first();

        return new self(
            changes: $changes,
            words: match (true) {
                $published === null => 'Not published yet',
                $changes === 0 => 'As shoppers see it, published '.$since,
                $changes === 1 => '1 change since what was published '.$since,
                default => $changes.' changes since what was published '.$since,
            },
            sample: match (($untouched = $window->untouched($content))) {
                0 => '',
                1 => '1 text is as the first version wrote it',
                default => $untouched.' texts are as the first version wrote them',
            },
            due: $due?->due_at?->format('j M Y, H:i'),
            dueId: $due?->id,
        );
    }
}
