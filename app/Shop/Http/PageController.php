<?php

declare(strict_types=1);

namespace WindowStall\Shop\Http;

use Illuminate\Http\Request;
use Illuminate\Http\Response;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\ListingState;
use WindowStall\Shop\Ready\ReadyPage;
use WindowStall\Shop\Related;
use WindowStall\Shop\ShopRenderer;
use WindowStall\Shop\ShopStall;
use WindowStall\Shop\ShownSet;
use WindowStall\Stall\Stall;
use WindowStall\Window\Goods\SoldOnly;

/** The homepage and the pages of goods; made once per revision and then served as files. */
final readonly class PageController
{
    public function __construct(private ShopRenderer $renderer, private KeepPage $keep)
    {
    }

    public function home(Request $request): Response
    {
        $stall = ShopStall::of($request);
        $only = $this->only($stall);
        if ($only !== null) {
            return ($this->keep)($request, $stall, '/', fn (): ReadyPage => $this->page($stall, $only));
        }

        return ($this->keep)($request, $stall, '/', fn (): ReadyPage => new ReadyPage(
            $this->renderer->home($stall, $this->renderer->published($stall)),
        ));
    }

    public function nowhere(Request $request): Response
    {
        return $this->renderer->missing(ShopStall::of($request));
    }

    public function goods(Request $request, string $slug): Response
    {
        $stall = ShopStall::of($request);
        $listing = Listing::of($stall)
            ->with(Listing::FOR_FIGURES)
            ->where('slug', $slug)
            ->where('state', ListingState::InWindow)
            ->first();
        // Abroad, what isn't sold there has no page.
        if ($listing === null || ! self::isSold($stall, $listing)) {
            return $this->renderer->missing($stall);
        }

        return ($this->keep)($request, $stall, '/goods/'.$slug, fn (): ReadyPage => $this->page($stall, $listing));
    }

    /** The one thing the shop sells, where it can be bought here; else its front page stands as it was dressed. */
    private function only(Stall $stall): ?Listing
    {
        $only = SoldOnly::by($stall);
        $listing = $only === null ? null : Listing::of($stall)->with(Listing::FOR_FIGURES)->find($only);

        return $listing !== null && self::isSold($stall, $listing) ? $listing : null;
    }

    private static function isSold(Stall $stall, Listing $listing): bool
    {
        return $stall->seen()->isHome() || ListingFigures::of($stall, $listing)->priced() !== [];
    }

    private function page(Stall $stall, Listing $listing): ReadyPage
    {
        $related = Related::to($stall, $listing);

        return new ReadyPage(
            $this->renderer->goods($stall, $this->renderer->published($stall), $listing, $related),
            [...$related->slugs(), ...ShownSet::slugs($stall, $listing)],
        );
    }
}
