<?php

declare(strict_types=1);

namespace WindowStall\Window\Pages;

use Illuminate\Support\Facades\View;
use WindowStall\Stall\OncePerState;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\ShopMarket;
use WindowStall\Support\Pictures\PictureSizes;
use WindowStall\Support\Speech\Speech;
use WindowStall\Window\Content;
use WindowStall\Window\Goods\GoodInHand;
use WindowStall\Window\Goods\WindowGoods;
use WindowStall\Window\Plan;
use WindowStall\Window\Scripts\ShopScripts;
use WindowStall\Window\Section;
use WindowStall\Window\Sections\Goods\GoodsPart;
use WindowStall\Window\ShareCard;
use WindowStall\Window\Trying\Trial;
use WindowStall\Window\Window;

/**
 * Makes a shop's pages. The galley's sheet and the shopper's page come from here, fed with the working copy or the
 * published one.
 */
final readonly class PageRenderer
{
    public function __construct(private ShopAssets $assets)
    {
    }

    /**
     * @param  bool  $galley  for the galley: what doesn't show is there as well, marked, and the page tells where
     *     things stand
     * @param  WindowGoods|null  $goods  others than are in the window
     */
    public function home(Stall $stall, Content $content, bool $galley = false, ?WindowGoods $goods = null): string
    {
        // In the galley stands what the seller wrote.
        $content = $galley ? $content : $content->saying($stall->phrases());
        $goods ??= WindowGoods::of($stall);
        $html = $this->laid($content, $goods, $galley);

        return $this->lay(
            'home',
            $stall,
            $content,
            [
                'title' => $content->look->wordmark,
                'description' => $this->describe($content),
                'shared' => $this->shared($content, $goods),
                'path' => '/',
                'galley' => $galley,
            ] + $html,
        );
    }

    /**
     * A page that the seller wrote: its sections, and around them what stands on every page.
     *
     * @param  Content  $around  the front page, in whose look it stands
     * @param  array<string, mixed>  $data
     */
    public function written(
        Stall $stall,
        Content $around,
        Content $page,
        array $data,
        bool $galley = false,
    ): string {
        $laid = $this->laid($page->wearing($around->look), WindowGoods::of($stall), $galley);

        return $this->page($stall, $around, 'written', ['galley' => $galley] + $laid + $data);
    }

    /**
     * The page of one of the goods: parts beside its pictures, and below them what goes across the page.
     *
     * @param  Content  $around  the front page, in whose look it stands
     * @param  Content  $laid  its parts
     * @param  array<string, mixed>  $data
     */
    public function goods(
        Stall $stall,
        Content $around,
        Content $laid,
        GoodInHand $good,
        array $data,
        bool $galley = false,
    ): string {
        $parts = $this->laid($laid->wearing($around->look), WindowGoods::of($stall, $good), $galley);

        return $this->page($stall, $around, 'goods', ['galley' => $galley] + $parts + $data);
    }

    /**
     * A page the program makes, among sections of its seller's.
     *
     * @param  Content  $around  the front page, in whose look it stands
     * @param  Content  $laid  what stands on it
     * @param  string  $view  one of the templates under resources/shop
     * @param  array<string, mixed>  $data  of the template, and of the section that is the page's own
     */
    public function dressed(
        Stall $stall,
        Content $around,
        Content $laid,
        string $view,
        array $data,
        bool $galley = false,
    ): string {
        $parts = $this->laid($laid->wearing($around->look), WindowGoods::knowing($stall, $data), $galley);

        return $this->page($stall, $around, $view, ['galley' => $galley] + $parts + $data);
    }

    /** @return array<string, string> the sections of each place */
    private function laid(Content $content, WindowGoods $goods, bool $galley): array
    {
        $places = self::places($content);
        $first = $places['main'][0] ?? $places['top'][0] ?? '';
        $lay = fn (string $id): string => $this->section(
            $content->section($id),
            $content,
            $goods,
            $galley,
            $id === $first,
        );

        return array_map(static fn (array $ids): string => implode('', array_map($lay, $ids)), $places);
    }

    /**
     * Where sections stand: above the goods, among them, at the foot. On a written page all of them stand in the middle;
     * on the page of goods beside the pictures or below them.
     *
     * @return array<string, list<string>> lead, main, foot, top, below → ids in their order
     */
    public static function places(Content $content): array
    {
        if (in_array($content->plan, [Plan::Page, Plan::Lists, Plan::Basket], true)) {
            return ['main' => array_map(static fn (Section $s): string => $s->id, $content->sections)];
        }
        if ($content->plan === Plan::Goods) {
            return self::goodsPlaces($content);
        }
        $places = ['lead' => [], 'main' => [], 'foot' => []];
        foreach ($content->sections as $section) {
            $kind = $section->kind->key();
            $place = match (true) {
                $kind === 'foot' => 'foot',
                $kind === 'masthead', $kind === 'notice' && $places['main'] === [] => 'lead',
                default => 'main',
            };
            $places[$place][] = $section->id;
        }

        return $places;
    }

    /** @return array{top: list<string>, below: list<string>} */
    private static function goodsPlaces(Content $content): array
    {
        $places = ['top' => [], 'below' => []];
        foreach ($content->sections as $section) {
            $beside = $section->kind instanceof GoodsPart && $section->kind->beside();
            $places[$beside ? 'top' : 'below'][] = $section->id;
        }

        return $places;
    }

    /**
     * Any other page of the shop, with what stands on every page around it.
     *
     * @param  string  $view  one of the templates under resources/shop
     * @param  array<string, mixed>  $data
     */
    public function page(Stall $stall, Content $content, string $view, array $data): string
    {
        $data += ['galley' => false];

        return $this->lay($view, $stall, $content, $data + $this->around($stall, $content, $data['galley']));
    }

    /**
     * What stands on every page: made once for each state of the shop, as menus count what their shelves hold.
     *
     * @param  bool  $galley  for the galley, whose working copy doesn't take the place of what shoppers see
     * @return array{lead: string, foot: string}
     */
    private function around(Stall $stall, Content $content, bool $galley): array
    {
        $everywhere = array_map(static fn (Section $s): array => $s->toArray(), self::everywhere($content));
        $of = hash('xxh128', serialize([$content->look->toArray(), $everywhere]));
        $seen = $stall->seen();
        $name = implode(' ', [$galley ? 'around in the galley' : 'around', $seen->prefix, $seen->language]);

        return OncePerState::of($stall, $name, $of, fn (): array => $this->frame($stall, $content));
    }

    /**
     * What stands on every page, above its own words and below them, as it is now.
     *
     * @return array{lead: string, foot: string}
     */
    public function frame(Stall $stall, Content $content): array
    {
        return Speech::in($stall->seen()->language, fn (): array => $this->everywhereOf(WindowGoods::of($stall), $content));
    }

    /** @return array{lead: string, foot: string} */
    private function everywhereOf(WindowGoods $goods, Content $content): array
    {
        $content = $content->saying($goods->stall->phrases());
        $around = ['lead' => '', 'foot' => ''];
        foreach (self::everywhere($content) as $section) {
            $place = $section->kind->key() === 'foot' ? 'foot' : 'lead';
            $around[$place] .= $this->section($section, $content, $goods, galley: false);
        }

        return $around;
    }

    /** @return list<Section> */
    private static function everywhere(Content $content): array
    {
        return array_values(array_filter($content->sections, static fn (Section $s): bool => $s->kind->everywhere()));
    }

    /**
     * A page in the look with nothing around it.
     *
     * @param  string  $view  one of the templates under resources/shop
     * @param  array<string, mixed>  $data
     */
    public function bare(Stall $stall, Content $content, string $view, array $data): string
    {
        return $this->lay($view, $stall, $content, $data + ['lead' => '', 'foot' => '', 'galley' => false]);
    }

    /** One section with its wrapper, or nothing where shoppers don't see it. */
    public function section(
        ?Section $section,
        Content $content,
        WindowGoods $goods,
        bool $galley,
        bool $first = false,
    ): string {
        if ($section === null) {
            return '';
        }
        $data = $section->kind->data($section->settings, $goods);
        $away = ! $section->showing->now() || ! self::isForSome($section, $goods->stall, $galley) || $section->kind->stays($section->settings, $data) !== null;
        if ($away && ! $galley) {
            return '';
        }

        return trim(
            View::make(
                'shop::section',
                [
                    'section' => $section,
                    'settings' => $section->settings,
                    'showing' => $section->showing,
                    'look' => $content->look,
                    'stall' => $goods->stall,
                    'away' => $away,
                    'first' => $first,
                    'galley' => $galley,
                ] + $data + $goods->own,
            )->render(),
        )."\n";
    }

    /** Whether it is for everybody, or for a half that there is; in the galley, too, for one that there will be. */
    private static function isForSome(Section $section, Stall $stall, bool $galley): bool
    {
        $half = $section->showing->half;

        return $half === '' || $section->kind->always() || (Trial::now($stall)?->shows($half) ?? ($galley || $half === 'first'));
    }

    public function style(Content $content): LookStyle
    {
        return new LookStyle($content->look, $this->assets);
    }

    /** What shoppers see now; a stall that never published shows its working copy to nobody, so there is always one. */
    public function published(Stall $stall): Content
    {
        $window = Window::query()->with('published')->findOrFail($stall->id);

        return $window->publishedContent() ?? $window->workingContent();
    }

    /** @param  array<string, mixed>  $data */
    private function lay(string $view, Stall $stall, Content $content, array $data): string
    {
        $html = View::make(
            // @phpstan-ignore argument.type (the name is one of the shop's templates)
            'shop::'.$view,
            $data + [
                'stall' => $stall,
                'look' => $content->look,
                'style' => $this->style($content),
                'assets' => $this->assets,
                'description' => '',
                'path' => null,
                'scripts' => ShopScripts::of($stall),
                'trial' => self::trial($stall, $data),
                'markets' => isset($data['path']) ? self::markets($stall, $data['soldTo'] ?? null) : [],
            ],
        )->render();

        return MarketLinks::within($html, $stall->seen());
    }

    /**
     * The trial for whose halves something stands on a page; null where nothing does.
     *
     * @param  array<string, mixed>  $data
     */
    private static function trial(Stall $stall, array $data): ?int
    {
        $laid = implode('', array_filter($data, is_string(...)));
        $now = str_contains($laid, ' half-') ? Trial::now($stall) : null;

        return $now?->runs() === true && ! ($data['galley'] ?? false) ? $now->id : null;
    }

    /**
     * The markets that have a page, where there are several.
     *
     * @param  list<string>|null  $soldTo  countries that have it; all when null
     * @return list<ShopMarket>
     */
    private static function markets(Stall $stall, ?array $soldTo): array
    {
        $markets = array_values(array_filter(
            ShopMarket::all($stall),
            static fn (ShopMarket $market): bool => $soldTo === null || in_array($market->country, $soldTo, true),
        ));

        return count($markets) > 1 ? $markets : [];
    }

    /**
     * The picture that goes along when somebody shares the shop, at the shop's own address: its logo, or its newest goods.
     */
    private function shared(Content $content, WindowGoods $goods): string
    {
        $card = ShareCard::path($content->look);
        if ($card !== null) {
            return self::whole(PictureSizes::original($card), $goods->stall);
        }

        return $goods->count() > 0 ? self::whole('/shared/front.jpg', $goods->stall) : '';
    }

    private static function whole(string $url, Stall $stall): string
    {
        return str_starts_with($url, '/') ? rtrim($stall->shopAddress(), '/').$url : $url;
    }

    private function describe(Content $content): string
    {
        foreach ($content->sections as $section) {
            if ($section->kind->key() === 'hero' && $section->settings['words'] !== '') {
                return trim($section->settings['words'].'. '.$section->settings['under'], '. ').'.';
            }
        }

        return $content->look->wordmark;
    }
}
