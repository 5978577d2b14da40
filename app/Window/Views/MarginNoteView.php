<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use WindowStall\Window\Goods\WindowGoods;
use WindowStall\Window\Section;

/** A section's note in the margin: what it is, what it says or shows, the figure that matters, and its sentence. */
final readonly class MarginNoteView
{
    /**
     * @param  string  $figure  empty where there is none
     * @param  string|null  $stays  why shoppers don't see it, or null
     * @param  list<SentencePartView>  $sentence
     * @param  array<string, mixed>  $settings
     */
    public function __construct(
        public string $id,
        public string $kind,
        public string $label,
        public string $summary,
        public string $figure,
        public ?string $stays,
        public array $sentence,
        public array $settings,
        public ShowingView $showing,
    ) {
    }

    public static function of(Section $section, WindowGoods $goods): self
    {
        $kind = $section->kind;
        $data = $kind->data($section->settings, $goods);

        return new self(
            id: $section->id,
            kind: $kind->key(),
            label: $kind->label(),
            summary: $kind->summary($section->settings),
            figure: $kind->figure($section->settings, $data, $goods),
            stays: $kind->stays($section->settings, $data),
            sentence: SentencePartView::of($kind->sentence($section->settings)),
            settings: $section->settings,
            showing: ShowingView::of($section->showing),
        );
    }
}
