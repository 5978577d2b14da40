<?php

declare(strict_types=1);

namespace WindowStall\Shop\Http;

use Illuminate\Database\Query\Builder;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\ListingState;
use WindowStall\Bench\Pictures\Picture;
use WindowStall\Shelves\Covers;
use WindowStall\Shelves\Shelf;
use WindowStall\Shelves\ShelfGoods;
use WindowStall\Shop\SharedPicture;
use WindowStall\Shop\ShopStall;
use WindowStall\Stall\Stall;
use WindowStall\Support\Pictures\PictureSizes;
use WindowStall\Window\GoodsCard;
use WindowStall\Window\Jobs\MakeGoodsCard;
use WindowStall\Window\Window;

/**
 * The picture that goes along when the shop, goods or a shelf are shared. Nobody waits for one to be composed: until it
 * is, the first of its pictures goes along.
 */
final class SharedController
{
    /** The newest of all. */
    public function front(Request $request): RedirectResponse
    {
        $stall = ShopStall::of($request);

        return $this->send($stall, $this->leading($stall, ShelfGoods::all($stall)
            ->orderByDesc('facts.shown_since')
            ->orderByDesc('facts.listing_id')));
    }

    public function goods(Request $request, string $slug): RedirectResponse
    {
        $stall = ShopStall::of($request);
        $listing = Listing::of($stall)->where('state', ListingState::InWindow)->where('slug', $slug)->firstOrFail();
        $shown = array_filter(
            ListingFigures::of($stall, $listing)->pictures,
            static fn (Picture $p): bool => $p->state === Picture::READY,
        );

        return $this->send($stall, array_values($shown));
    }

    public function shelf(Request $request, string $slug): RedirectResponse
    {
        $stall = ShopStall::of($request);
        $shelf = Shelf::of($stall)->where('slug', $slug)->firstOrFail();

        return $this->send($stall, $this->leading(
            $stall,
            ShelfGoods::ordered(ShelfGoods::on($stall, $shelf), $shelf->standing, $shelf),
        ));
    }

    /** @return list<Picture> the first of each of the first goods that has one */
    private function leading(Stall $stall, Builder $goods): array
    {
        $ids = array_values(array_map(
            intval(...),
            $goods->limit(GoodsCard::MOST * 2)->pluck('facts.listing_id')->all(),
        ));
        $leading = Covers::leading($stall, $ids);

        return array_values(array_filter(array_map(static fn (int $id): ?Picture => $leading[$id] ?? null, $ids)));
    }

    /** @param  list<Picture>  $pictures  in the order they are shown */
    private function send(Stall $stall, array $pictures): RedirectResponse
    {
        abort_if($pictures === [], 404);
        $paths = array_map(static fn (Picture $p): string => (string) $p->path, array_slice($pictures, 0, GoodsCard::MOST));
        $look = Window::query()->with('published')->find($stall->id)?->publishedContent()?->look;
        $card = $look === null ? null : new GoodsCard($stall->id, $look, $paths);
        if ($card?->made() === true) {
            return redirect()->away(SharedPicture::whole($stall, PictureSizes::original($card->path())));
        }
        MakeGoodsCard::dispatch($stall->id, $paths);

        return redirect()->away(SharedPicture::of($stall, $pictures[0]));
    }
}
