<?php

declare(strict_types=1);

namespace WindowStall\Opening;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Sleep;
use WindowStall\Bench\CleanUp;
use WindowStall\Bench\CleanWay;
use WindowStall\Bench\Listing;
use WindowStall\Bench\Pictures\Picture;
use WindowStall\Bench\TakeToBench;
use WindowStall\Bench\Writing\DraftListing;
use WindowStall\Bench\Writing\Manner;
use WindowStall\Core\Opening\FirstShelves;
use WindowStall\Shelves\ChangeShelf;
use WindowStall\Shelves\Shelf;
use WindowStall\Shelves\ShelfPlaces;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Support\Refusal;

/**
 * The steps of laying out a first shop. Each knows what was done of it already, so that one that broke off goes on and
 * nothing is taken, written or put twice. Shoppers see nothing of it.
 */
final readonly class LayOut
{
    /** Seconds for which titles and words are asked for; who is asked may be slow. */
    private const WRITING = 30;

    /** Seconds for which pictures are waited for. */
    private const PICTURES = 20;

    public function __construct(
        private FindForNiche $find,
        private TakeToBench $take,
        private CleanUp $cleanUp,
        private DraftListing $draft,
        private ChangeShelf $shelves,
    ) {
    }

    /** @throws Refusal */
    public function propose(Stall $stall, FirstShop $first): void
    {
        if ($first->goods !== []) {
            return;
        }
        $first->update(['goods' => array_map(static fn (WeighedItem $one): array => [
            'item' => $one->as->id,
            'listing' => null,
            'price' => $one->price->minor,
            'keep' => (int) $one->as->keep,
            'days' => $one->as->days,
            'rating' => $one->as->rating,
            'category' => $one->as->category,
        ], ($this->find)($stall, $first->sentence, $first->takenBefore($stall)))]);
    }

    public function take(Stall $stall, FirstShop $first): void
    {
        $items = array_column($first->goods, 'item');
        ($this->take)($stall, $items);
        $taken = Listing::of($stall)->whereIn('supplier_item_id', $items)->orderByDesc('id')->pluck('id', 'supplier_item_id');
        $first->update(['goods' => array_map(
            static fn (array $one): array => ['listing' => $taken->get($one['item'])] + $one,
            $first->goods,
        )]);
    }

    /** Codes that suppliers write for colours become names, options that only say where it is posted from go. */
    public function clean(Stall $stall, FirstShop $first, ?User $by): void
    {
        ($this->cleanUp)($stall, $by, $first->listings(), [CleanWay::Places, CleanWay::Codes], []);
    }

    /** @return list<string> what couldn't be written, in sentences */
    public function write(Stall $stall, FirstShop $first, ?User $by): array
    {
        $until = Carbon::now()->addSeconds(self::WRITING);
        $notes = $drafts = [];
        $listings = Listing::of($stall)->with(Listing::FOR_FIGURES)->whereKey($first->listings())->whereNull('own_title');
        foreach ($listings->orderBy('id')->get() as $listing) {
            try {
                if (Carbon::now()->greaterThan($until)) {
                    throw new Refusal('The writing help took too long. Write it yourself, or draft it on the bench.');
                }
                $drafts[$listing->id] = $this->draft->ask($stall, $listing, Manner::Plain);
            } catch (Refusal $refusal) {
                $notes[] = mb_strimwidth($listing->shown_title, 0, 60, '…').': '.$refusal->getMessage();
            }
        }
        ($this->cleanUp)($stall, $by, array_keys($drafts), [CleanWay::Drafts], $drafts);

        return $notes;
    }

    /** Until each of the goods has one, or for as long as somebody would wait. */
    public function awaitPictures(FirstShop $first): void
    {
        $until = Carbon::now()->addSeconds(self::PICTURES);
        while (self::withoutPicture($first) > 0 && Carbon::now()->lessThan($until)) {
            Sleep::for(500)->milliseconds();
        }
    }

    public function shelve(Stall $stall, FirstShop $first): void
    {
        $filed = [];
        foreach ($first->goods as $one) {
            if ($one['listing'] !== null) {
                $filed[$one['listing']] = $one['category'];
            }
        }
        foreach (FirstShelves::of($filed) as $name => $listings) {
            DB::transaction(function () use ($stall, $first, $name, $listings): void {
                $shelf = Shelf::of($stall)->whereRaw('lower(name) = lower(?)', [$name])->where('ruled', false)->first()
                    ?? $this->shelves->make($stall, mb_substr($name, 0, 60), null);
                if (! isset($first->shelves[$shelf->id])) {
                    ShelfPlaces::put($stall, $shelf, $listings, ShelfPlaces::BY_HAND);
                    $first->update(['shelves' => $first->shelves + [$shelf->id => $listings]]);
                }
            });
        }
    }

    private static function withoutPicture(FirstShop $first): int
    {
        return Listing::query()
            ->whereKey($first->listings())
            ->whereHas('pictures', static fn ($q) => $q->where('state', Picture::WAITING))
            ->whereDoesntHave('pictures', static fn ($q) => $q->where('state', Picture::READY))
            ->count();
    }
}
