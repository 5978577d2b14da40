<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use WindowStall\Shop\PreviewLinks;
use WindowStall\Stall\Stall;
use WindowStall\Support\Pictures\PictureSizes;
use WindowStall\Window\Section;
use WindowStall\Window\Window;

/** The working copy of a window, as the editor shows it. */
final readonly class WindowView
{
    /**
     * @param  array<string, string>  $tones  name → #rrggbb, computed from the brand colour
     * @param  list<SectionView>  $sections
     */
    public function __construct(
        public int $version,
        public string $starter,
        public string $brand,
        public string $wordmark,
        public ?LogoView $logo,
        public array $tones,
        public string $contrast,
        public array $sections,
        public bool $changed,
        public string $published,
        public string $previewUrl,
    ) {
    }

    public static function of(Stall $stall, Window $window): self
    {
        $content = $window->workingContent();
        $look = $content->look;
        $tones = $look->tones();
        $logo = $look->logo;

        return new self(
            $window->version, $look->starter->value, $look->brand->toHex(), $look->wordmark,
            $logo === null ? null : new LogoView($logo['path'], $logo['width'], $logo['height'], PictureSizes::url($logo['path'], 320)),
            $tones->toArray(), number_format($tones->get('on-fill')->contrast($tones->get('fill')), 1),
            array_map(static fn (Section $s): SectionView => new SectionView($s->id, $s->kind->key(), $s->kind->label(), $s->kind->summary($s->settings), $s->settings), $content->sections),
            $window->publishedContent()?->toArray() !== $content->toArray(),
            $window->published === null ? 'never published' : 'published '.$window->published->published_at->diffForHumans(),
            PreviewLinks::home($stall, $window->version),
        );
    }
}
