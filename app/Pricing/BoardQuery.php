<?php

declare(strict_types=1);

namespace WindowStall\Pricing;

use Illuminate\Database\Query\Builder;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use WindowStall\Stall\Stall;

/**
 * What the price board is asked for: a market, words, one of the cases worth looking at, a recipe; sorted by any
 * column.
 */
final readonly class BoardQuery
{
    public const PAGE = 50;

    /** sort → column; words first, then every figure */
    public const SORTS = [
        'title' => 'l.shown_title',
        'goods' => 'p.goods_minor',
        'delivery' => 'p.delivery_minor',
        'landed' => 'p.landed_minor',
        'price' => 'p.price_minor',
        'was' => 'v.own_was_minor',
        'keep' => 'p.keep_minor',
        'margin' => 'p.margin_bp',
        'floor' => 'coalesce(p.above_floor_minor, p.keep_minor)',
        'since' => 'p.since',
    ];

    /** Cases worth looking at: what makes a variant one of them. */
    public const CASES = [
        'under' => 'p.under_floor',
        'parcel' => 'p.delivery_minor * 2 > p.landed_minor',
        'still' => "p.since < now() - interval '90 days'",
        'hand' => "p.priced_by = 'hand'",
        'cap' => 'p.floor_over_cap',
        'unpriced' => 'p.price_minor IS NULL',
    ];

    private function __construct(
        public string $market,
        public string $words,
        public string $case,
        public ?int $recipe,
        public string $state,
        public string $sort,
        public bool $down,
        public int $page,
    ) {
    }

    public static function of(Request $request, Stall $stall): self
    {
        // From the address alone: a body sent along may call other things by these names.
        $text = static fn (string $name): string => is_string($asked = $request->query($name)) ? trim($asked) : '';
        $market = strtoupper($text('to'));
        $sort = ltrim($text('sort'), '-');

        return new self(
            in_array($market, $stall->soldTo(), true) ? $market : $stall->home_market,
            mb_substr($text('q'), 0, 120),
            isset(self::CASES[$text('case')]) ? $text('case') : '',
            ctype_digit($text('recipe')) ? (int) $text('recipe') : null,
            in_array($text('state'), ['in_window', 'on_bench'], true) ? $text('state') : '',
            isset(self::SORTS[$sort]) ? $sort : 'title',
            str_starts_with($text('sort'), '-'),
            max(1, min(10_000, (int) $text('page'))),
        );
    }

    /**
     * One page, and how many there are: of everything by two passes over the price list, of what words or a state
     * narrow down by one over that.
     *
     * @param  bool  $counted  whether how many there are is asked for too; it stays while only the order or the page
     *     changes
     * @return array{ids: list<int>, counts: array<string, int>|null} one variant more than a page holds if there are
     *     more; counts: found, all, each case
     */
    public function look(Stall $stall, bool $counted = true): array
    {
        if (! $counted || ($this->words === '' && $this->state === '')) {
            return [
                'ids' => $this->ids($this->page($this->rows($stall), $stall)),
                'counts' => $counted ? $this->counts($stall) : null,
            ];
        }
        $found = $this->base($stall)->select('p.*');
        $page = $this->page($this->ofCase(DB::table('p')), $stall)->select('p.listing_variant_id');
        /** @var array<string, mixed> $row */
        $row = (array) DB::selectOne(
            'WITH p AS MATERIALIZED ('.
                $found->toSql().
                ') SELECT '.
                $this->counted().
                ', array_to_json(ARRAY('.
                $page->toSql().
                ')) AS ids FROM p',
            [...$found->getBindings(), ...$page->getBindings()],
        );
        $ids = (array) json_decode((string) $row['ids'], true);
        unset($row['ids']);

        return ['ids' => array_values(array_map(intval(...), $ids)), 'counts' => array_map(intval(...), $row)];
    }

    /** @return list<int> every variant it finds, up to a number */
    public function all(Stall $stall, int $most): array
    {
        return $this->ids($this->rows($stall)->orderBy('p.listing_variant_id')->limit($most));
    }

    /** @return array<string, int> how many there are, and how many of each case */
    public function counts(Stall $stall): array
    {
        return array_map(intval(...), (array) $this->base($stall)->selectRaw($this->counted())->first());
    }

    private function counted(): string
    {
        $cases = array_map(
            static fn (string $name, string $is): string => "count(*) FILTER (WHERE $is) AS \"$name\"",
            array_keys(self::CASES),
            self::CASES,
        );

        return ($this->case === '' ? 'count(*)' : 'count(*) FILTER (WHERE '.self::CASES[$this->case].')').
            ' AS found, count(*) AS "all", '.
            implode(', ', $cases);
    }

    private function page(Builder $rows, Stall $stall): Builder
    {
        $way = $this->down ? ' DESC' : ' ASC';
        if ($this->sort === 'title') {
            // By the index on titles: a page is read, not sorted out of all.
            $rows = $this->withListings($rows)
                ->where('l.stall_id', $stall->id)
                ->orderByRaw("l.shown_title$way, l.id$way, p.listing_variant_id");
        } else {
            $rows = ($this->sort === 'was' ? $this->withVariants($rows) : $rows)->orderByRaw(
                self::SORTS[$this->sort].$way.' NULLS LAST, p.listing_variant_id',
            );
        }

        return $rows->offset(($this->page - 1) * self::PAGE)->limit(self::PAGE + 1);
    }

    /** @return list<int> */
    private function ids(Builder $rows): array
    {
        return array_values($rows->pluck('p.listing_variant_id')->map(intval(...))->all());
    }

    private function rows(Stall $stall): Builder
    {
        return $this->ofCase($this->base($stall));
    }

    private function ofCase(Builder $rows): Builder
    {
        return $rows->when($this->case !== '', fn (Builder $q) => $q->whereRaw(self::CASES[$this->case]));
    }

    private function base(Stall $stall): Builder
    {
        return DB::table('prices as p')
            ->where('p.stall_id', $stall->id)
            ->where('p.market', $this->market)
            ->where('p.offered', true)
            ->when($this->recipe !== null, fn (Builder $q) => $q->where('p.recipe_id', $this->recipe))
            ->when(
                $this->words !== '' || $this->state !== '',
                fn (Builder $q) => $q->whereIn('p.listing_variant_id', $this->narrowed($stall)),
            );
    }

    /** The variants whose title or SKU has the words, and whose listing is in the state asked for. */
    private function narrowed(Stall $stall): Builder
    {
        $words = mb_strtolower($this->words);
        $variants = DB::table('listing_variants as nv')
            ->join('listings as nl', 'nl.id', '=', 'nv.listing_id')
            ->where('nl.stall_id', $stall->id)
            ->whereNull('nl.deleted_at')
            ->when($this->state !== '', fn (Builder $q) => $q->where('nl.state', $this->state))
            ->select('nv.id');
        if ($words === '') {
            return $variants;
        }
        $bySku = $variants
            ->clone()
            ->whereRaw('nv.supplier_variant_id IN (SELECT variants_coded(?, ?))', [$words, $words."\u{10FFFF}"]);

        return $variants
            ->whereRaw('nl.id IN (SELECT listings_titled(?))', ['%'.addcslashes($words, '%_\\').'%'])
            ->union($bySku);
    }

    private function withVariants(Builder $rows): Builder
    {
        return $rows->join('listing_variants as v', 'v.id', '=', 'p.listing_variant_id');
    }

    private function withListings(Builder $rows): Builder
    {
        return $this->withVariants($rows)->join('listings as l', 'l.id', '=', 'v.listing_id');
    }
}
