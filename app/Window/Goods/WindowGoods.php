<?php

declare(strict_types=1);

namespace WindowStall\Window\Goods;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\ListingState;
use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\MoneyUnreadable;
use WindowStall\Shelves\Covers;
use WindowStall\Shelves\Shelf;
use WindowStall\Shelves\ShelfFigures;
use WindowStall\Shelves\ShelfGoods;
use WindowStall\Stall\OncePerState;
use WindowStall\Stall\Stall;
use WindowStall\Support\PgArray;
use WindowStall\Window\WrittenPages;

/** The goods in a stall's window, as cards for sections. */
final class WindowGoods
{
    /** @var array<string, string>|null address → tag */
    private ?array $tags = null;

    /** @var array<string, int>|null tag → goods */
    private ?array $counts = null;

    /** The written pages and policies that shoppers see. */
    private ?WrittenPages $papers = null;

    /** @var array<int, array{words: string, href: string, goods: int, buyable: int}>|null */
    private ?array $shelves = null;

    private ?TagsOfGoods $tagsOfGoods = null;

    /** @var array<int, GoodCard|null> what was looked up already; null is what isn't in the window */
    private array $known = [];

    private const KEEPING_MOST = <<<'SQL'
        (
            SELECT max(price.keep_minor)
            FROM listing_variants AS variant
            JOIN prices AS price ON price.listing_variant_id = variant.id
            WHERE variant.listing_id = listings.id
              AND variant.own_on
              AND price.market = ?
        ) DESC NULLS LAST
        SQL;

    private const COUNT_TAGS = <<<'SQL'
        SELECT tag.name, count(*) AS goods
        FROM listings
        CROSS JOIN LATERAL jsonb_array_elements_text(own_tags) AS tag (name)
        WHERE stall_id = ?
          AND state = 'in_window'
          AND deleted_at IS NULL
        GROUP BY tag.name
        ORDER BY goods DESC, tag.name
        SQL;

    private const DAYS = <<<'SQL'
        SELECT min(sold.days_min) AS least, max(sold.days_max) AS most
        FROM listings
        JOIN listing_variants AS variant ON variant.listing_id = listings.id
        JOIN supplier_variants AS sold ON sold.id = variant.supplier_variant_id
        WHERE listings.stall_id = ?
          AND (listings.state = 'in_window' OR listings.id = ANY (?::bigint[]))
          AND listings.deleted_at IS NULL
          AND variant.own_on
          AND sold.stock > 0
          AND sold.days_min IS NOT NULL
          AND sold.days_max IS NOT NULL
        SQL;

    private const DAYS_ABROAD = <<<'SQL'
        SELECT min(days_min) AS least, max(days_max) AS most
        FROM goods_abroad
        WHERE stall_id = ?
          AND market = ?
          AND buyable
        SQL;

    /** @param  array<string, mixed>  $own  what the part of a page that is the program's is drawn from */
    public function __construct(
        public readonly Stall $stall,
        public readonly ?GoodInHand $inHand = null,
        private readonly GoodsToBe $toBe = new GoodsToBe([]),
        public readonly array $own = [],
    ) {
    }

    /** @param  GoodInHand|null  $inHand  around whose page they stand */
    public static function of(Stall $stall, ?GoodInHand $inHand = null): self
    {
        return new self($stall, $inHand);
    }

    /** @param  array<string, mixed>  $own  what the part of a page that is the program's is drawn from */
    public static function knowing(Stall $stall, array $own): self
    {
        return new self($stall, own: $own);
    }

    /** As they would be with others in the window and on the shelves as well. */
    public static function with(Stall $stall, GoodsToBe $toBe, ?GoodInHand $inHand = null): self
    {
        return new self($stall, $inHand, $toBe);
    }

    /** @return list<GoodCard> */
    public function newest(int $count, int $skip = 0): array
    {
        return $this->cards(
            $this->shown()->orderByDesc('shown_since')->orderByDesc('id')->offset($skip)->limit($count),
        );
    }

    /**
     * @param  list<int>  $ids
     * @return list<GoodCard> in the order of the ids; those that aren't in the window are left out
     */
    public function only(array $ids): array
    {
        $this->look(array_values(array_filter($ids, fn (int $id): bool => ! array_key_exists($id, $this->known))));

        return array_values(array_filter(array_map(fn (int $id): ?GoodCard => $this->known[$id], $ids)));
    }

    /**
     * Cards of goods whether they are in the window or not.
     *
     * @param  iterable<Listing>  $listings  with what figures need
     * @return list<GoodCard>
     */
    public function cardsOf(iterable $listings): array
    {
        $cards = [];
        foreach ($listings as $listing) {
            $cards[] = GoodCard::of(ListingFigures::of($this->stall, $listing));
        }

        return $cards;
    }

    /**
     * The same in few queries, for lists of many. What a was-price may show takes the whole of its figures.
     *
     * @param  list<int>  $ids
     * @return list<GoodCard> in the order of the ids
     */
    public function many(array $ids): array
    {
        $rows = ShelfGoods::all($this->stall)
            ->join('listings', 'listings.id', '=', 'facts.listing_id')
            ->whereIn('facts.listing_id', $ids)
            ->get(['facts.*', 'listings.slug', 'listings.own_words'])
            ->keyBy('listing_id');
        $reduced = $rows->filter(static fn (\stdClass $row): bool => (bool) $row->was)->keys()->map(intval(...))->all();
        $this->stall->phrases()->prime(...$rows->pluck('title')->all(), ...$rows->pluck('own_words')->all());
        $whole = [];
        foreach ($this->only(array_values($reduced)) as $card) {
            $whole[$card->id] = $card;
        }
        $pictures = Covers::leading($this->stall, array_values(array_diff($ids, array_keys($whole))));
        $cards = array_map(fn (int $id): ?GoodCard => $whole[$id] ?? (($row = $rows->get($id)) === null
            ? null
            : GoodCard::ofRow($this->stall, $row, $pictures[$id] ?? null, $this->tagsOf()->of($row))), $ids);

        return array_values(array_filter($cards));
    }

    /** The address of one of the goods, or null where it isn't in the window. */
    public function url(int $id): ?string
    {
        if (isset($this->known[$id])) {
            return $this->known[$id]->url;
        }
        $slug = $this->shown()->whereKey($id)->value('slug');

        return is_string($slug) ? '/goods/'.$slug : null;
    }

    /** What one of the goods is called; "" where shoppers don't see it. */
    public function title(int $id): string
    {
        return $this->known[$id]->title
            ?? $this->stall->phrases()->say((string) $this->shown()->whereKey($id)->value('shown_title'));
    }

    /** @return list<GoodCard> newest first */
    public function tagged(string $tag, int $count, int $skip = 0): array
    {
        $tagged = $this->shown()->whereJsonContains('own_tags', $tag);

        return $this->cards($tagged->orderByDesc('shown_since')->orderByDesc('id')->offset($skip)->limit($count));
    }

    /** @return list<GoodCard> those of whose sale the seller keeps most */
    public function keepingMost(int $count): array
    {
        $kept = $this->shown()->orderByRaw(self::KEEPING_MOST, [$this->stall->seen()->country]);

        return $this->cards($kept->orderBy('id')->limit($count));
    }

    /** @return list<GoodCard> what sold most lately; fewer where fewer sold */
    public function bestSelling(int $count): array
    {
        $ids = ShelfGoods::all($this->stall)
            ->where('facts.sold_pieces', '>', 0)
            ->orderByDesc('facts.sold_pieces')
            ->orderBy('facts.listing_id')
            ->limit($count)
            ->pluck('facts.listing_id')
            ->all();

        return $this->only(array_values(array_map(intval(...), $ids)));
    }

    /**
     * @param  string  $amount  in digits of the stall's currency; finer than it has, it finds nothing
     * @return list<GoodCard> dearest of them first
     */
    public function under(string $amount, int $count): array
    {
        try {
            $minor = Money::parse($amount, $this->stall->currencyValue())->minor;
        } catch (MoneyUnreadable) {
            return [];
        }

        $under = $this->shown()->where('shown_from_minor', '<', $minor);

        return $this->cards($under->orderByDesc('shown_from_minor')->orderBy('id')->limit($count));
    }

    /** How many are in the window; with that tag, if one is given. */
    public function count(?string $tag = null): int
    {
        return $tag === null ? $this->shown()->count() : $this->tags()[$tag] ?? 0;
    }

    /** @return array<string, int> tag → goods in the window that have it, most first */
    public function tags(): array
    {
        if ($this->counts === null) {
            $this->counts = [];
            foreach (DB::select(self::COUNT_TAGS, [$this->stall->id]) as $row) {
                $this->counts[(string) $row->name] = (int) $row->goods;
            }
        }

        return $this->counts;
    }

    /** From the soonest to the latest of all that can be bought in the market; null where nothing is known. */
    public function days(): ?DayRange
    {
        $seen = $this->stall->seen();
        $row = $seen->isHome()
            ? DB::selectOne(self::DAYS, [$this->stall->id, PgArray::numbers($this->toBe->listings)])
            : DB::selectOne(self::DAYS_ABROAD, [$this->stall->id, $seen->country]);

        return $row?->least === null ? null : new DayRange((int) $row->least, (int) $row->most);
    }

    public function papers(): WrittenPages
    {
        return $this->papers ??= WrittenPages::of($this->stall);
    }

    /** @return array<int, array{words: string, href: string, goods: int, buyable: int}> shelves that hold something */
    public function shelves(): array
    {
        if ($this->shelves !== null) {
            return $this->shelves;
        }
        $shelves = $this->toBe->shelves === []
            ? OncePerState::of($this->stall, 'shelves', '', $this->countedShelves(...))
            : $this->countedShelves();
        $phrases = $this->stall->phrases()->prime(...array_column($shelves, 'words'));

        return $this->shelves = array_map(
            static fn (array $shelf): array => ['words' => $phrases->say($shelf['words'])] + $shelf,
            $shelves,
        );
    }

    /** @return array<int, array{words: string, href: string, goods: int, buyable: int}> */
    private function countedShelves(): array
    {
        $counts = (new ShelfFigures($this->stall))->counts();
        foreach ($this->toBe->shelves as $shelf => $listings) {
            $more = count($listings);
            $counts[$shelf] = [
                'goods' => ($counts[$shelf]['goods'] ?? 0) + $more,
                'buyable' => ($counts[$shelf]['buyable'] ?? 0) + $more,
            ];
        }
        $shelves = [];
        foreach (Shelf::of($this->stall)->whereKey(array_keys($counts))->orderBy('name')->get() as $shelf) {
            $shelves[$shelf->id] = ['words' => $shelf->name, 'href' => $shelf->address()] + $counts[$shelf->id];
        }

        return $shelves;
    }

    /** @return list<GoodCard> the first of a shelf, as they stand on it */
    public function onShelf(int $id, int $count): array
    {
        if (isset($this->toBe->shelves[$id])) {
            return array_slice($this->only($this->toBe->shelves[$id]), 0, $count);
        }
        $shelf = Shelf::of($this->stall)->find($id);
        if ($shelf === null) {
            return [];
        }
        $ids = ShelfGoods::ordered(ShelfGoods::on($this->stall, $shelf), $shelf->standing, $shelf)
            ->limit($count)
            ->pluck('facts.listing_id')
            ->all();

        return $this->only(array_values(array_map(intval(...), $ids)));
    }

    /** The tag that stands under an address of the shop, or null. */
    public function tagAt(string $address): ?string
    {
        $this->tags ??= array_combine(
            array_map(self::address(...), array_keys($this->tags())),
            array_map(strval(...), array_keys($this->tags())),
        );

        return $this->tags[$address] ?? null;
    }

    /** A tag as it stands in an address. */
    public static function address(string $tag): string
    {
        return Str::slug($tag) ?: substr(hash('xxh128', $tag), 0, 10);
    }

    private function tagsOf(): TagsOfGoods
    {
        return $this->tagsOfGoods ??= new TagsOfGoods($this->stall);
    }

    /** @return Builder<Listing> */
    private function shown(): Builder
    {
        return Listing::query()->where('stall_id', $this->stall->id)->where(fn (Builder $shown) => $shown
            ->where('state', ListingState::InWindow)
            ->when($this->toBe->listings !== [], fn (Builder $more) => $more->orWhereIn('id', $this->toBe->listings)));
    }

    /**
     * @param  Builder<Listing>  $query
     * @return list<GoodCard> in its order; what another section shows already isn't loaded again
     */
    private function cards(Builder $query): array
    {
        return $this->only(array_values(array_map(intval(...), $query->pluck('id')->all())));
    }

    /** @param  list<int>  $ids  not looked at yet */
    private function look(array $ids): void
    {
        if ($ids === []) {
            return;
        }
        $this->known += array_fill_keys($ids, null);
        $listings = $this->shown()->whereKey($ids)->with(Listing::FOR_FIGURES)->get();
        $this->stall->phrases()->prime(...$listings->pluck('shown_title')->all(), ...$listings->pluck('own_words')->all());
        $facts = $this->tagsOf()->any()
            ? ShelfGoods::all($this->stall)->whereIn('facts.listing_id', $ids)->get()->keyBy('listing_id')
            : collect();
        foreach ($listings as $listing) {
            $figures = ListingFigures::of($this->stall, $listing);
            $row = $facts->get($listing->id);
            // Abroad, what isn't sold there isn't shown.
            $this->known[$listing->id] = $this->stall->seen()->isHome() || $figures->priced() !== []
                ? GoodCard::of($figures, $row === null ? null : $this->tagsOf()->of($row))
                : null;
        }
    }
}
