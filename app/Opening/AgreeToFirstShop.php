<?php

declare(strict_types=1);

namespace WindowStall\Opening;

use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Bench\Placement;
use WindowStall\Bench\PutInWindow;
use WindowStall\Bench\Writing\DraftListing;
use WindowStall\Shelves\Shelf;
use WindowStall\Shelves\ShelfPlaces;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Support\Refusal;
use WindowStall\Window\DressWindow;
use WindowStall\Window\PageWords;
use WindowStall\Window\Window;
use WindowStall\Window\Written\ChangePage;
use WindowStall\Window\Written\GoodsOf;
use WindowStall\Window\Written\PageKind;

/**
 * The seller agrees to one way of a first shop: its goods go in the window with the words as they were drafted, and its
 * pages are published. All of it, or nothing.
 */
final readonly class AgreeToFirstShop
{
    public function __construct(
        private DraftListing $draft,
        private PutInWindow $put,
        private DressWindow $dress,
        private ChangePage $pages,
    ) {
    }

    /** @throws Refusal where none of its goods can be shown, or it was agreed to before */
    public function __invoke(Stall $stall, FirstShop $first, Arrangement $way, User $by): Placement
    {
        return DB::transaction(function () use ($stall, $first, $way, $by): Placement {
            $now = FirstShop::of($stall)->whereKey($first->id)->lockForUpdate()->firstOrFail();
            if ($now->shown_at !== null) {
                throw new Refusal('This shop is in the window already.');
            }
            if (! $now->laid()) {
                throw new Refusal('It isn’t laid out yet.');
            }
            $placement = $this->show($stall, $now);
            $this->leaveOut($stall, $now);
            $laid = LaidWay::of($stall, $now, $way);
            $window = Window::query()->findOrFail($stall->id);
            $this->dress->save($stall, $laid->front, $window->version, $by);
            $window->refresh()->update(['sample_words' => self::samples($laid, $now)]);
            $this->dress->publish($stall, $by);
            $page = $this->pages->make($stall, PageKind::Goods, PageKind::Goods->heading(), GoodsOf::said($stall, null, null));
            $this->pages->dress($stall, $page, $laid->goods->toArray()['sections'], $page->version, $by);
            $this->pages->show($stall, $page->refresh());
            $now->update(['shown_as' => $way->value, 'shown_at' => now()]);

            return $placement;
        });
    }

    /** @return list<string> what it says; what the seller said of the shop isn't a sample */
    private static function samples(LaidWay $laid, FirstShop $first): array
    {
        return array_values(array_filter(
            PageWords::all($laid->front),
            static fn (string $said): bool => ! str_contains(mb_strtolower($said), ': '.mb_strtolower($first->sentence)),
        ));
    }

    private function show(Stall $stall, FirstShop $first): Placement
    {
        $listings = Listing::of($stall)->with(Listing::FOR_FIGURES)->whereKey($first->wanted())->orderBy('id')->get();
        foreach ($listings as $listing) {
            if ($listing->drafts !== []) {
                $this->draft->accept($stall, $listing, DraftListing::FIELDS);
            }
        }
        $placement = ($this->put)($stall, $listings);
        if ($placement->placed === []) {
            $why = ($placement->left[0]['lacks'] ?? [])[0] ?? null;
            throw new Refusal(trim('None of these goods can be shown yet. '.$why?->words));
        }

        return $placement;
    }

    private function leaveOut(Stall $stall, FirstShop $first): void
    {
        if ($first->left_out === []) {
            return;
        }
        foreach (Shelf::of($stall)->whereKey(array_keys($first->shelves))->get() as $shelf) {
            ShelfPlaces::forget($shelf, $first->left_out);
        }
    }
}
