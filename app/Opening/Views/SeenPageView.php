<?php

declare(strict_types=1);

namespace WindowStall\Opening\Views;

use WindowStall\Core\Opening\Seen\SeenAudit;
use WindowStall\Core\Opening\Seen\SeenFinding;
use WindowStall\Core\Opening\Seen\SeenPage;
use WindowStall\Opening\Rehearsal\Rehearsal;
use WindowStall\Stall\Stall;
use WindowStall\Support\Views\SearchCutView;

/** A page of the shop as search engines and messengers show it. */
final readonly class SeenPageView
{
    /**
     * @param  bool  $picture  whether one goes along when it is shared
     * @param  list<string>  $amiss  what could be better
     * @param  string  $href  where that is mended
     */
    public function __construct(
        public SearchCutView $cut,
        public bool $picture,
        public array $amiss,
        public string $href,
    ) {
    }

    /** @return list<self> those first of which something could be better */
    public static function all(Stall $stall, ?Rehearsal $rehearsal): array
    {
        $pages = $rehearsal?->seenPages() ?? [];
        $views = array_map(
            static fn (SeenPage $page, array $findings): self => new self(
                cut: SearchCutView::of($page->title, $page->words, $stall->shopAddress($page->address)),
                picture: $page->picture !== '',
                amiss: array_map(static fn (SeenFinding $one): string => $one->words(), $findings),
                href: MendedPlace::address($stall, $page->sort->mendedAt()),
            ),
            $pages,
            SeenAudit::of($pages),
        );
        usort($views, static fn (self $a, self $b): int => ($a->amiss === []) <=> ($b->amiss === []));

        return $views;
    }
}
