<?php

declare(strict_types=1);

namespace WindowStall\Window\Pages;

use WindowStall\Core\Look\FaceCut;
use WindowStall\Support\Pictures\PictureSizes;
use WindowStall\Window\Look;

/**
 * A look as the stylesheet takes it: typefaces, tones and measures as custom properties, and the classes of the page.
 */
final readonly class LookStyle
{
    private FaceCut $display;

    private FaceCut $text;

    public function __construct(private Look $look, private ShopAssets $assets)
    {
        $plan = $look->plan;
        $this->display = FaceCut::display($plan->pair, $plan->weight);
        $this->text = FaceCut::text($plan->pair);
    }

    public function css(): string
    {
        $css = $this->assets->fontFace($this->display).$this->assets->fontFace($this->text).':root{';
        foreach ($this->variables() as $name => $value) {
            $css .= '--'.$name.':'.$value.';';
        }

        return $css.'color-scheme:'.($this->look->tones()->dark ? 'dark' : 'light').'}';
    }

    /** The stylesheet of how pages are built. */
    public function sheet(): string
    {
        return $this->assets->build($this->look->plan->build);
    }

    /** @return list<string> what has to be there for the first paint */
    public function faces(): array
    {
        return [$this->assets->face($this->display), $this->assets->face($this->text)];
    }

    /** The shop's sign in a browser's tab: its logo, or the first letter of its wordmark in the look's colours. */
    public function icon(): string
    {
        if ($this->look->logo !== null) {
            return PictureSizes::icon($this->look->logo['path']);
        }
        $tones = $this->look->tones();
        $svg = sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 32 32"><rect width="32" height="32" rx="%d" '.
                'fill="%s"/>'.
                '<text x="16" y="23" text-anchor="middle" font-family="%s" font-size="20" font-weight="700" '.
                    'fill="%s">%s</text></svg>',
            min(16, $this->look->plan->shape->corner->radius()),
            $tones->get('fill')->toHex(),
            str_contains($this->display->face->fallback(), 'sans') ? 'sans-serif' : 'serif',
            $tones->get('on-fill')->toHex(),
            e(mb_substr($this->look->wordmark, 0, 1)),
        );

        return 'data:image/svg+xml,'.rawurlencode($svg);
    }

    public function classes(): string
    {
        $plan = $this->look->plan;

        return sprintf(
            'build-%s mood-%s line-%s ground-%s frame-%s',
            $plan->build->value,
            $plan->mood->value,
            $plan->shape->line->value,
            $plan->pictures->ground->value,
            $plan->pictures->frame->value,
        );
    }

    /** @return array<string, string> */
    private function variables(): array
    {
        $plan = $this->look->plan;
        $shape = $plan->shape;

        return $this->look->tones()->toArray() + [
            'radius' => $shape->corner->radius().'px',
            'line-w' => $shape->line->width().'px',
            'shadow' => $shape->shadow->css(),
            'air' => self::hundredths($shape->density->factor()),
            'ratio' => $plan->pictures->ratio->css(),
            'display' => $this->assets->families($this->display).','.$this->display->face->fallback(),
            'text' => $this->assets->families($this->text).','.$this->text->face->fallback(),
            'display-weight' => $this->display->weights(),
            'display-size' => self::hundredths(intdiv($plan->pair->size() * $plan->size->factor(), 100)),
            'tracking' => self::hundredths($plan->pair->tracking()).'em',
        ];
    }

    private static function hundredths(int $factor): string
    {
        return sprintf('%.2f', $factor / 100);
    }
}
