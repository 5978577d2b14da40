<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Core\Look\StarterLook;
use WindowStall\Stall\Stall;
use WindowStall\Window\Content;
use WindowStall\Window\Look;
use WindowStall\Window\Section;
use WindowStall\Window\Window;

/** Makes a shop's pages. The editor's preview and the shopper's page come from here, fed with the working copy or the published one. */
final readonly class ShopRenderer
{
    public function __construct(private ShopAssets $assets)
    {
    }

    public function home(Stall $stall, Content $content): string
    {
        $goods = new ShopGoods($stall);
        $sections = array_map(static fn (Section $s): array => ['section' => $s, 'data' => $s->kind->data($s->settings, $goods)], $content->sections);

        return $this->page($stall, $content, 'home', ['title' => $content->look->wordmark, 'sections' => $sections, 'description' => $this->describe($content), 'path' => '/'], sectionsAround: false);
    }

    public function goods(Stall $stall, Content $content, Listing $listing): string
    {
        $page = GoodsPage::of(ListingFigures::of($stall, $listing));

        return $this->page($stall, $content, 'goods', ['title' => $listing->own_search_title ?? $page->title, 'good' => $page, 'description' => $listing->own_search_words ?? mb_strimwidth(\WindowStall\Support\RichText::plain($page->words), 0, 155, '…'), 'path' => '/goods/'.$listing->slug]);
    }

    /** @param  array<string, mixed>  $data */
    public function page(Stall $stall, Content $content, string $view, array $data, bool $sectionsAround = true): string
    {
        $around = $sectionsAround ? $content->sections : [];

        // @phpstan-ignore argument.type (the name is one of this folder's templates)
        return view('shop::'.$view, $data + [
            'stall' => $stall, 'look' => $content->look, 'css' => self::variables($content->look), 'assets' => $this->assets, 'description' => '', 'path' => null,
            // Notice and foot stand on every page; the rest belongs to the front page.
            'notices' => array_filter($around, static fn (Section $s): bool => $s->kind->key() === 'notice'),
            'feet' => array_filter($around, static fn (Section $s): bool => $s->kind->key() === 'foot'),
        ])->render();
    }

    /** What shoppers see now; a stall that never published shows its working copy to nobody, so there is always one. */
    public function published(Stall $stall): Content
    {
        $window = Window::query()->with('published')->findOrFail($stall->id);

        return $window->publishedContent() ?? $window->workingContent();
    }

    /** The look as CSS custom properties. */
    public static function variables(Look $look): string
    {
        $starter = $look->starter;
        $css = ':root{';
        foreach ($look->tones()->toArray() as $name => $hex) {
            $css .= '--'.$name.':'.$hex.';';
        }

        return $css.sprintf('--radius:%dpx;--display:"%s",%s;--text:"%s",system-ui,sans-serif;--display-weight:%d;color-scheme:%s}', $starter->radius(), ShopAssets::family($starter->displayFace()), $starter === StarterLook::LeadLabel ? 'Georgia,serif' : 'system-ui,sans-serif', ShopAssets::family($starter->textFace()), $starter->displayWeight(), $starter->mood()->dark() ? 'dark' : 'light');
    }

    private function describe(Content $content): string
    {
        foreach ($content->sections as $section) {
            if ($section->kind->key() === 'hero') {
                return trim($section->settings['words'].'. '.$section->settings['under'], '. ').'.';
            }
        }

        return $content->look->wordmark;
    }
}
