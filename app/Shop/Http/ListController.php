<?php

declare(strict_types=1);

namespace WindowStall\Shop\Http;

use Illuminate\Database\Query\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use WindowStall\Core\Shelves\SearchWords;
use WindowStall\Core\Shelves\ShelfOrder;
use WindowStall\Shelves\NoteSearch;
use WindowStall\Shelves\SearchGoods;
use WindowStall\Shelves\Shelf;
use WindowStall\Shelves\ShelfGoods;
use WindowStall\Shop\Finding\FindGoods;
use WindowStall\Shop\Finding\GoodsList;
use WindowStall\Shop\Finding\Narrowing;
use WindowStall\Shop\Finding\Suggestions;
use WindowStall\Shop\Ready\ReadyPage;
use WindowStall\Shop\ShopRenderer;
use WindowStall\Shop\ShopStall;
use WindowStall\Stall\Stall;
use WindowStall\Support\Speech\Speech;
use WindowStall\Window\Goods\WindowGoods;

/** Goods in lists: all, those of a shelf or under a tag, and those that were searched for; narrowed, sorted, paged. */
final readonly class ListController
{
    public function __construct(private ShopRenderer $renderer, private KeepPage $keep)
    {
    }

    public function all(Request $request): Response
    {
        $stall = ShopStall::of($request);

        return $this->list($request, $stall, GoodsList::all($stall));
    }

    public function shelf(Request $request, string $slug): Response|RedirectResponse
    {
        $stall = ShopStall::of($request);
        $shelf = Shelf::of($stall)->where('slug', $slug)->first();
        if ($shelf === null) {
            return $this->moved($request, $stall, $slug) ?? $this->renderer->missing($stall);
        }

        $phrases = $stall->phrases()->prime($shelf->name, $shelf->words, $shelf->search_title, $shelf->search_words);
        $name = $phrases->say($shelf->name);

        return $this->list($request, $stall, new GoodsList(
            goods: fn (?ShelfOrder $sort): Builder => ShelfGoods::ordered(
                ShelfGoods::on($stall, $shelf),
                $sort ?? $shelf->standing,
                $sort === null ? $shelf : null,
            ),
            heading: $name,
            path: $shelf->address(),
            words: $phrases->say($shelf->words),
            title: $phrases->sayOrNull($shelf->search_title),
            description: $phrases->say((string) ($shelf->search_words ?? $shelf->words))
                ?: Speech::say('shop.list.about_shelf', shelf: $name, shop: $stall->name),
            composed: true,
        ));
    }

    public function tagged(Request $request, string $tag): Response
    {
        $stall = ShopStall::of($request);
        $name = WindowGoods::of($stall)->tagAt($tag);
        if ($name === null) {
            return $this->renderer->missing($stall);
        }

        $said = $stall->phrases()->say($name);

        return $this->list($request, $stall, new GoodsList(
            goods: fn (?ShelfOrder $sort): Builder => ShelfGoods::ordered(
                ShelfGoods::all($stall)->whereRaw('? = ANY (facts.tags)', [$name]),
                $sort ?? ShelfOrder::Newest,
            ),
            heading: Str::ucfirst($said),
            path: '/tagged/'.$tag,
            title: Speech::say('shop.list.tagged', tag: $said),
            description: Speech::say('shop.list.about_tagged', tag: $said, shop: $stall->name),
        ));
    }

    public function search(Request $request): Response
    {
        $stall = ShopStall::of($request);
        $typed = is_string($q = $request->query('q')) ? $q : '';
        $words = SearchWords::of($typed);
        $search = new SearchGoods($stall);
        $corrected = $search->called($words)->exists() ? null : $search->corrected($words);
        $meant = $corrected !== null && $search->called($corrected)->exists() ? $corrected : null;
        $look = $meant ?? $words;
        $found = 0;
        $page = $this->list($request, $stall, new GoodsList(
            goods: fn (?ShelfOrder $sort): Builder => $sort === null
                ? $search->called($look)
                : ShelfGoods::ordered($search->called($look)->reorder(), $sort),
            heading: $words->words === [] ? Speech::say('shop.looking.something') : sprintf('“%s”', $words->text()),
            path: '/search',
            asked: ['q' => $words->text()],
            description: $words->words === []
                ? Speech::say('shop.looking.about_none', shop: $stall->name)
                : Speech::say('shop.looking.about', words: $words->text(), shop: $stall->name),
            searched: $words->text(),
            meant: $meant?->text(),
        ), $found);
        if ($words->words !== [] && ! Narrowing::of($request, $stall)->asks()) {
            // Once the shopper has been answered.
            defer(static fn () => NoteSearch::of($stall, $words, $meant === null ? $found : 0));
        }

        return $page;
    }

    /** What one may mean while one types: a few goods with their pictures, and shelves. */
    public function suggest(Request $request): JsonResponse
    {
        $typed = is_string($q = $request->query('q')) ? $q : '';

        return new JsonResponse(Suggestions::of(ShopStall::of($request), SearchWords::of($typed)), headers: [
            'Cache-Control' => 'max-age=60',
            'X-Robots-Tag' => 'noindex',
        ]);
    }

    /** All shelves. */
    public function shelves(Request $request): Response
    {
        $stall = ShopStall::of($request);

        return ($this->keep)($request, $stall, '/shelves', fn (): ReadyPage => new ReadyPage($this->renderer->shelves($stall)));
    }

    private function list(Request $request, Stall $stall, GoodsList $list, int &$found = 0): Response
    {
        $asked = Narrowing::of($request, $stall);
        $make = function () use ($stall, $list, $asked, &$found): string {
            $result = (new FindGoods($stall, $asked))(($list->goods)($asked->sort), $list->path, $list->asked);
            $found = $result->count;

            return $this->renderer->goodsList($stall, $list, $asked, $result);
        };

        // Only as it stands by itself; what is narrowed is made each time.
        return $list->asked !== [] || $asked->asks() || $asked->page > 1
            ? ShopResponse::html($make(), private: ! $stall->open)
            : ($this->keep)($request, $stall, $list->path, static fn (): ReadyPage => new ReadyPage($make()));
    }

    /** Whoever asks at an address that was left is led on to where it stands now. */
    private function moved(Request $request, Stall $stall, string $slug): ?RedirectResponse
    {
        $to = DB::table('shelf_addresses')
            ->join('shelves', 'shelves.id', '=', 'shelf_addresses.shelf_id')
            ->where('shelf_addresses.stall_id', $stall->id)
            ->where('shelf_addresses.slug', $slug)
            ->value('shelves.slug');
        $query = $request->getQueryString();

        return is_string($to)
            ? new RedirectResponse($stall->shopAddress($stall->seen()->path('/shelves/'.$to)).($query === null ? '' : '?'.$query), 301)
            : null;
    }
}
