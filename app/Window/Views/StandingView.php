<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use Illuminate\Support\Carbon;
use WindowStall\Core\Window\Changes;
use WindowStall\Stall\Clock;
use WindowStall\Window\Content;
use WindowStall\Window\Goods\WindowGoods;
use WindowStall\Window\Window;
use WindowStall\Window\WindowRevision;
use WindowStall\Window\Written\WrittenPage;

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

    public static function of(Window|WrittenPage $copy, Content $content): self
    {
        return $copy instanceof Window ? self::ofFront($copy, $content) : self::ofPage($copy, $content);
    }

    private static function ofFront(Window $window, Content $content): self
    {
        $published = $window->published()->first();
        $changes = $published === null ? 0 : Changes::between($published->state()->toArray(), $content->toArray());
        $due = WindowRevision::query()
            ->where('stall_id', $window->stall_id)
            ->whereNotNull('due_at')
            ->orderBy('due_at')
            ->first();

        return new self(
            changes: $changes,
            words: $published === null ? 'Not published yet' : self::since($changes, $published->published_at),
            sample: match (($untouched = $window->untouched($content))) {
                0 => '',
                1 => '1 text still reads as the program drafted it',
                default => $untouched.' texts still read as the program drafted them',
            },
            due: $due?->due_at === null ? null : Clock::here()->moment($due->due_at),
            dueId: $due?->id,
        );
    }

    private static function ofPage(WrittenPage $page, Content $content): self
    {
        $shown = $page->publishedContent();
        // Shoppers see nothing of it, so each of its sections would be new to them.
        $changes = match (true) {
            $shown !== null => Changes::between($shown->toArray(), $content->toArray()),
            $page->blank(WindowGoods::of($page->stall)) => 0,
            default => count($content->sections),
        };

        return new self(
            changes: $changes,
            words: match (true) {
                $shown !== null => self::since($changes, $page->shown_at),
                $changes === 0 => 'Nothing is written on it yet',
                default => 'Shoppers don’t see it yet',
            },
            sample: '',
            due: null,
            dueId: null,
        );
    }

    private static function since(int $changes, ?Carbon $at): string
    {
        $since = $at?->diffForHumans() ?? 'never';

        return match ($changes) {
            0 => 'As shoppers see it, published '.$since,
            1 => '1 change since publishing '.$since,
            default => $changes.' changes since publishing '.$since,
        };
    }
}
