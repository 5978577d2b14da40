<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use Illuminate\Http\Response;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Core\Words\SearchCut;
use WindowStall\Shelves\ShelfGoods;
use WindowStall\Shop\Finding\FoundGoods;
use WindowStall\Shop\Finding\GoodsList;
use WindowStall\Shop\Finding\Narrowing;
use WindowStall\Shop\Finding\ShelfTiles;
use WindowStall\Shop\Http\ShopResponse;
use WindowStall\Stall\Stall;
use WindowStall\Support\RichText;
use WindowStall\Support\Speech\Speech;
use WindowStall\Window\Content;
use WindowStall\Window\Goods\PicksGood;
use WindowStall\Window\Pages\PageRenderer;
use WindowStall\Window\Policies\PolicyVersion;
use WindowStall\Window\Window;
use WindowStall\Window\Written\DressedGoods;
use WindowStall\Window\Written\DressedPage;
use WindowStall\Window\Written\PageKind;
use WindowStall\Window\Written\PageSays;
use WindowStall\Window\Written\ShownNotes;
use WindowStall\Window\Written\WrittenPage;

/** The pages of goods, in the frame that the window gives every page. */
final readonly class ShopRenderer
{
    public function __construct(private PageRenderer $pages)
    {
    }

    public function home(Stall $stall, Content $content): string
    {
        return $this->pages->home($stall, $content);
    }

    /**
     * @param  Related|null  $related  where it is known already
     * @param  Content|null  $laid  its parts, where they aren't those that shoppers see
     */
    public function goods(
        Stall $stall,
        Content $content,
        Listing $listing,
        ?Related $related = null,
        ?Content $laid = null,
    ): string {
        $page = GoodsPage::of(ListingFigures::of($stall, $listing), $related);
        $laid = ($laid ?? DressedGoods::of($stall, $listing))->saying($stall->phrases());

        return $this->pages->goods($stall, $content, $laid, $page, self::about($stall, $page));
    }

    /** The page of goods as it is being dressed, with one of those it is for; null where nothing is in the window. */
    private function dressedGoods(Stall $stall, WrittenPage $page): ?string
    {
        $good = app(PicksGood::class)->pick($stall, $page);
        $around = Window::query()->findOrFail($stall->id)->workingContent();

        return $good instanceof GoodsPage
            ? $this->pages->goods(
                $stall,
                $around,
                $page->workingContent(),
                $good,
                ['unlisted' => true] + self::about($stall, $good),
                galley: true,
            )
            : null;
    }

    /** @return array<string, mixed> what the frame of a page of goods needs */
    private static function about(Stall $stall, GoodsPage $page): array
    {
        $listing = $page->figures->listing;
        $phrases = $stall->phrases()->prime($listing->own_search_title, $listing->own_search_words);
        $shelf = Related::shelf($stall, $listing);
        $crumbs = $shelf === null
            ? ['words' => Speech::say('shop.everything'), 'href' => '/goods']
            : ['words' => $phrases->say($shelf->name), 'href' => $shelf->address()];

        return [
            'title' => $phrases->sayOrNull($listing->own_search_title) ?? $page->title,
            'good' => $page,
            'description' => $phrases->sayOrNull($listing->own_search_words)
                ?? SearchCut::words(RichText::plain($page->words)),
            'path' => $page->isOnly() ? '/' : '/goods/'.$listing->slug,
            'crumbs' => $page->isOnly() ? [] : [$crumbs, ['words' => $page->title, 'href' => '/goods/'.$listing->slug]],
            'shared' => $page->pictures === [] ? '' : SharedPicture::composed($stall, '/goods/'.$listing->slug),
            'soldTo' => $page->soldTo(),
        ];
    }

    /** A list of goods, narrowed as it was asked. */
    public function goodsList(Stall $stall, GoodsList $list, Narrowing $asked, FoundGoods $found): string
    {
        $laid = DressedPage::of($stall, PageKind::Lists)->saying($stall->phrases());

        return $this->pages->dressed(
            $stall,
            $this->pages->published($stall),
            $laid,
            'list',
            ListPage::of($stall, $list, $asked, $found),
        );
    }

    /**
     * The basket.
     *
     * @param  array<string, mixed>  $data  of its template
     */
    public function basket(Stall $stall, array $data): string
    {
        $laid = DressedPage::of($stall, PageKind::Basket)->saying($stall->phrases());

        return $this->pages->dressed($stall, $this->pages->published($stall), $laid, 'basket', [
            'title' => Speech::say('till.basket.heading'),
            'description' => Speech::say('till.basket.about', shop: $stall->name),
        ] + $data);
    }

    /** Lists of goods as they are being dressed, with all goods; the basket with some. */
    private function dressedPage(Stall $stall, WrittenPage $page): string
    {
        $around = Window::query()->findOrFail($stall->id)->workingContent();
        $known = app(PicksGood::class)->known($stall, $page);
        $view = $page->kind === PageKind::Basket ? 'basket' : 'list';

        return $this->pages->dressed($stall, $around, $page->workingContent(), $view, [
            'title' => $page->title,
            'unlisted' => true,
        ] + $known, galley: true);
    }

    /** A page that the seller wrote, as it is published. */
    public function written(Stall $stall, WrittenPage $page): string
    {
        $phrases = $stall->phrases();
        $shown = ($page->publishedContent() ?? throw new \LogicException('Only pages that are shown are looked at.'))
            ->saying($phrases);
        $around = $this->pages->published($stall);
        $title = $phrases->say($page->shown['title'] ?? $page->title);

        return $this->pages->written($stall, $around, $shown, [
            'title' => $phrases->sayOrNull($page->search_title) ?? $title,
            'description' => $phrases->sayOrNull($page->search_words) ?? SearchCut::words(PageSays::plain($shown)),
            'shared' => self::front($stall),
            'unlisted' => $page->hidden,
            'asked' => PageSays::answered($shown),
        ] + self::named($page, $title));
    }

    /**
     * The list of notes.
     *
     * @param  int  $page  from 1
     * @param  int  $count  of all of them
     */
    public function notes(Stall $stall, int $page, int $count): string
    {
        $heading = Speech::say('shop.notes.heading');

        return $this->pages->page($stall, $this->pages->published($stall), 'notes', [
            'title' => $page > 1 ? Speech::say('shop.list.page', title: $heading, page: $page) : $heading,
            'description' => Speech::say('shop.notes.about', shop: $stall->name),
            'shared' => self::front($stall),
            'path' => '/notes'.($page > 1 ? '?page='.$page : ''),
            'heading' => $heading,
            'notes' => ShownNotes::latest($stall, ShownNotes::PAGE, ($page - 1) * ShownNotes::PAGE),
            'page' => $page,
            'pages' => (int) ceil($count / ShownNotes::PAGE),
            'crumbs' => [['words' => $heading, 'href' => '/notes']],
        ]);
    }

    /** A page that the seller wrote, as it is being dressed. */
    public function sheet(Stall $stall, WrittenPage $page): string
    {
        if (in_array($page->kind, [PageKind::Lists, PageKind::Basket], true)) {
            return $this->dressedPage($stall, $page);
        }
        if ($page->isOfGoods()) {
            return $this->dressedGoods($stall, $page) ?? $this->bare(
                $stall,
                Window::query()->findOrFail($stall->id)->workingContent(),
                'no-goods',
                ['title' => $page->title, 'galley' => true],
            );
        }
        $around = Window::query()->findOrFail($stall->id)->workingContent();

        return $this->pages->written($stall, $around, $page->workingContent(), [
            'title' => $page->title,
            'unlisted' => true,
            'asked' => [],
        ] + self::named($page, $page->title), galley: true);
    }

    /** @return array<string, mixed> where it stands */
    private static function named(WrittenPage $page, string $title): array
    {
        $note = $page->kind === PageKind::Note;
        $above = $note ? [['words' => Speech::say('shop.notes.heading'), 'href' => '/notes']] : [];

        return [
            'path' => $page->address(),
            'heading' => $title,
            'dated' => $note ? ShownNotes::day($page) : '',
            'crumbs' => [...$above, ['words' => $title, 'href' => $page->address()]],
        ];
    }

    /** The picture that goes along with pages that show no goods; "" where there are none. */
    private static function front(Stall $stall): string
    {
        return ShelfGoods::all($stall)->exists() ? SharedPicture::composed($stall, '/front') : '';
    }

    /** @param  int  $now  the number of the version that counts */
    public function policy(Stall $stall, PolicyVersion $version, int $now): string
    {
        $path = '/policies/'.$version->kind->value;
        $heading = Speech::say('shop.policies.'.$version->kind->value);
        $words = $version->read($stall);

        return $this->pages->page($stall, $this->pages->published($stall), 'policy', [
            'title' => $heading,
            'description' => SearchCut::words(implode(' ', $words)),
            'shared' => self::front($stall),
            'path' => $path,
            'unlisted' => $version->number < $now,
            'version' => $version,
            'clauses' => $words,
            'now' => $now,
            'crumbs' => [['words' => $heading, 'href' => $path]],
        ]);
    }

    /** All shelves that hold something. */
    public function shelves(Stall $stall): string
    {
        return $this->pages->page($stall, $this->pages->published($stall), 'shelves', [
            'title' => Speech::say('shop.shelves.heading'),
            'description' => Speech::say('shop.shelves.about', shop: $stall->name),
            'shared' => self::front($stall),
            'path' => '/shelves',
            'shelves' => ShelfTiles::of($stall),
            'crumbs' => [['words' => Speech::say('shop.shelves.heading'), 'href' => '/shelves']],
        ]);
    }

    /** What isn't there, with a search and the shelves to go on from. */
    public function missing(Stall $stall): Response
    {
        return ShopResponse::html($this->pages->page($stall, $this->pages->published($stall), 'missing', [
            'title' => Speech::say('shop.missing.title'),
            'shelves' => ShelfTiles::of($stall),
        ]), 404);
    }

    /** @param  array<string, mixed>  $data */
    public function page(Stall $stall, Content $content, string $view, array $data): string
    {
        return $this->pages->page($stall, $content, $view, $data);
    }

    /**
     * A page in the shop's look with nothing around it.
     *
     * @param  array<string, mixed>  $data
     */
    public function bare(Stall $stall, Content $content, string $view, array $data): string
    {
        return $this->pages->bare($stall, $content, $view, $data);
    }

    public function published(Stall $stall): Content
    {
        return $this->pages->published($stall);
    }
}
