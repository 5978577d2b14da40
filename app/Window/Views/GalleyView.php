<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use WindowStall\Stall\PreviewLinks;
use WindowStall\Stall\Stall;
use WindowStall\Window\Goods\WindowGoods;
use WindowStall\Window\Section;
use WindowStall\Window\Window;

/** The front page as it is being dressed. */
final readonly class GalleyView
{
    /**
     * @param  list<MarginNoteView>  $notes  in the order of the page
     * @param  list<string>  $skipped  kinds that the saved page has and the program doesn't know any more
     */
    public function __construct(
        public int $version,
        public LookView $look,
        public array $notes,
        public StandingView $standing,
        public string $sheetUrl,
        public array $skipped,
    ) {
    }

    public static function of(Stall $stall, Window $window): self
    {
        $content = $window->workingContent();
        $goods = WindowGoods::of($stall);

        return new self(
            version: $window->version,
            look: LookView::of($content->look),
            notes: array_map(
                static fn (Section $s): MarginNoteView => MarginNoteView::of($s, $goods),
                $content->sections,
            ),
            standing: StandingView::of($window, $content),
            sheetUrl: PreviewLinks::galley($stall),
            skipped: $content->skipped,
        );
    }
}
