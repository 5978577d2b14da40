<?php

declare(strict_types=1);

namespace WindowStall\Window;

use WindowStall\Core\Window\Changes;
use WindowStall\Stall\Stall;
use WindowStall\Window\Goods\GoodsAround;
use WindowStall\Window\Pages\PageRenderer;
use WindowStall\Window\Views\LookView;
use WindowStall\Window\Views\MarginNoteView;
use WindowStall\Window\Views\PatchView;
use WindowStall\Window\Views\SavedCopyView;
use WindowStall\Window\Views\StandingView;

/** What the galley has to replace after a saving: the sections that changed, and nothing else. */
final readonly class PatchSheet
{
    public function __construct(private PageRenderer $pages, private GoodsAround $around)
    {
    }

    public function __invoke(Stall $stall, SavedCopy $saved): SavedCopyView
    {
        // A written page wears what the front page is being dressed in.
        $content = $saved->after->plan !== Plan::Front
            ? $saved->after->wearing(Window::query()->findOrFail($stall->id)->workingContent()->look)
            : $saved->after;
        $goods = $this->around->of($stall, $saved->copy);
        $decided = Changes::ofLook($saved->before->look->toArray(), $saved->after->look->toArray());
        $style = $this->pages->style($content);
        $html = $notes = [];
        foreach ($content->sections as $section) {
            $was = $saved->before->section($section->id);
            $changed = $was === null || ! Changes::same($was->toArray(), $section->toArray());
            if ($changed || array_intersect($decided, $section->kind->wears()) !== []) {
                $html[$section->id] = $this->pages->section($section, $content, $goods, galley: true);
                $notes[] = MarginNoteView::of($section, $goods);
            }
        }

        return new SavedCopyView(
            version: $saved->copy->version,
            notes: $notes,
            look: $decided === [] ? null : LookView::of($content->look),
            standing: StandingView::of($saved->copy, $saved->after),
            patch: new PatchView(
                places: PageRenderer::places($content),
                html: $html,
                css: $decided === [] ? null : $style->css(),
                sheet: $style->sheet(),
                classes: $style->classes(),
            ),
            meeting: $saved->meeting(),
            merged: $saved->merged === null ? null : $saved->after->toArray(),
        );
    }
}
