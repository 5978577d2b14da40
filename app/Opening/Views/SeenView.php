<?php

declare(strict_types=1);

namespace WindowStall\Opening\Views;

use WindowStall\Opening\Rehearsal\Rehearsal;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;

/** How search engines and messengers show a shop's pages. */
final readonly class SeenView
{
    /**
     * @param  string  $head  how it is, in a sentence
     * @param  string  $about  when they were read
     * @param  list<SeenPageView>  $pages
     */
    public function __construct(public string $head, public string $about, public array $pages)
    {
    }

    /** @param  Rehearsal|null  $last  that came to an end */
    public static function of(Stall $stall, ?Rehearsal $last): self
    {
        $pages = SeenPageView::all($stall, $last);
        $amiss = count(array_filter($pages, static fn (SeenPageView $page): bool => $page->amiss !== []));

        return new self(
            head: match (true) {
                $pages === [] => 'Nobody has read the shop’s pages yet',
                $amiss === 0 => 'Every page has something to show',
                default => sprintf('%d of %d pages could be shown better', $amiss, count($pages)),
            },
            about: $last === null || $pages === []
                ? 'A rehearsal reads them as search engines and messengers do.'
                : sprintf('As search engines and messengers read them at the rehearsal of %s.', Clock::of($stall)->moment($last->begun_at)),
            pages: $pages,
        );
    }
}
