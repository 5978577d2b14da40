<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use WindowStall\Stall\PreviewLinks;
use WindowStall\Stall\Stall;
use WindowStall\Window\Goods\GoodsAround;
use WindowStall\Window\Look;
use WindowStall\Window\Section;
use WindowStall\Window\Window;
use WindowStall\Window\Written\WrittenPage;

/** A page as it is being dressed: the front page, or one that the seller wrote. */
final readonly class GalleyView
{
    /**
     * @param  list<MarginNoteView>  $notes  in the order of the page
     * @param  HalvesView|null  $trial  of sections that shoppers see on any page
     * @param  list<string>  $skipped  kinds that the saved page has and the program doesn't know any more
     */
    public function __construct(
        public int $version,
        public LookView $look,
        public array $notes,
        public StandingView $standing,
        public string $sheetUrl,
        public array $skipped,
        public ?HalvesView $trial,
    ) {
    }

    public static function of(Stall $stall, Window $window): self
    {
        return self::from($stall, $window, $window->workingContent()->look, PreviewLinks::galley($stall));
    }

    public static function ofPage(Stall $stall, WrittenPage $page): self
    {
        $look = Window::query()->findOrFail($stall->id)->workingContent()->look;

        return self::from($stall, $page, $look, PreviewLinks::page($stall, $page->id));
    }

    private static function from(Stall $stall, Window|WrittenPage $copy, Look $look, string $sheet): self
    {
        $content = $copy->workingContent();
        $goods = app(GoodsAround::class)->of($stall, $copy);

        return new self(
            version: $copy->version,
            look: LookView::of($look),
            notes: array_map(
                static fn (Section $s): MarginNoteView => MarginNoteView::of($s, $goods),
                $content->sections,
            ),
            standing: StandingView::of($copy, $content),
            sheetUrl: $sheet,
            skipped: $content->skipped,
            trial: HalvesView::of($stall),
        );
    }
}
