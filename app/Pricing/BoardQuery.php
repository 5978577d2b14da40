<?php

declare(strict_types=1);

namespace WindowStall\Pricing;

use Illuminate\Database\Query\Builder;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use WindowStall\Stall\Stall;

/** What the price board is asked for: a market, words, one of the cases worth looking at, a recipe; sorted by any column. */
final readonly class BoardQuery
{
    public const PAGE = 50;

    /** sort → column; words first, then every figure */
    public const SORTS = ['title' => 'l.shown_title', 'goods' => 'p.goods_minor', 'delivery' => 'p.delivery_minor', 'landed' => 'p.landed_minor', 'price' => 'p.price_minor', 'was' => 'v.own_was_minor', 'keep' => 'p.keep_minor', 'margin' => 'p.margin_bp', 'floor' => 'coalesce(p.above_floor_minor, p.keep_minor)', 'since' => 'p.since'];

    /** Cases worth looking at: what makes a variant one of them. */
    public const CASES = [
        'under' => '(p.above_floor_minor < 0 OR (p.above_floor_minor IS NULL AND p.keep_minor < 0))', 'parcel' => 'p.delivery_minor * 2 > p.landed_minor', 'still' => "p.since < now() - interval '90 days'",
        'hand' => "p.priced_by = 'hand'", 'cap' => 'p.floor_over_cap', 'unpriced' => 'p.price_minor IS NULL',
    ];

    private function __construct(public string $market, public string $words, public string $case, public ?int $recipe, public string $state, public string $sort, public bool $down, public int $page)
    {
    }

    public static function of(Request $request, Stall $stall): self
    {
        // From the address alone: a body sent along may call other things by these names.
        $text = static fn (string $name): string => is_string($asked = $request->query($name)) ? trim($asked) : '';
        $market = strtoupper($text('to'));
        $sort = ltrim($text('sort'), '-');

        return new self(
            in_array($market, $stall->markets(), true) ? $market : $stall->home_market, mb_substr($text('q'), 0, 120), isset(self::CASES[$text('case')]) ? $text('case') : '', ctype_digit($text('recipe')) ? (int) $text('recipe') : null,
            in_array($text('state'), ['in_window', 'on_bench'], true) ? $text('state') : '', isset(self::SORTS[$sort]) ? $sort : 'title', str_starts_with($text('sort'), '-'), max(1, min(10_000, (int) $text('page'))),
        );
    }

    /** @return list<int> variants of one page, one more than it holds if there are more */
    public function page(Stall $stall): array
    {
        $rows = $this->rows($stall);
        $way = $this->down ? ' DESC' : ' ASC';
        if ($this->sort === 'title') {
            // By the index on titles: a page is read, not sorted out of all.
            $rows = $this->withListings($rows)->where('l.stall_id', $stall->id)->orderByRaw("l.shown_title$way, l.id$way, p.listing_variant_id");
        } else {
            $rows = ($this->sort === 'was' ? $this->withVariants($rows) : $rows)->orderByRaw(self::SORTS[$this->sort].$way.' NULLS LAST, p.listing_variant_id');
        }

        return array_values($rows->offset(($this->page - 1) * self::PAGE)->limit(self::PAGE + 1)->pluck('p.listing_variant_id')->map(intval(...))->all());
    }

    /** @return list<int> every variant it finds, up to a number */
    public function all(Stall $stall, int $most): array
    {
        return array_values($this->rows($stall)->orderBy('p.listing_variant_id')->limit($most)->pluck('p.listing_variant_id')->map(intval(...))->all());
    }

    /** @return array<string, int> how many there are, and how many of each case */
    public function counts(Stall $stall): array
    {
        $cases = array_map(static fn (string $name, string $is): string => "count(*) FILTER (WHERE $is) AS \"$name\"", array_keys(self::CASES), self::CASES);
        $found = $this->case === '' ? 'count(*)' : 'count(*) FILTER (WHERE '.self::CASES[$this->case].')';

        return array_map(intval(...), (array) $this->base($stall)->selectRaw($found.' AS found, count(*) AS "all", '.implode(', ', $cases))->first());
    }

    private function rows(Stall $stall): Builder
    {
        return $this->base($stall)->when($this->case !== '', fn (Builder $q) => $q->whereRaw(self::CASES[$this->case]));
    }

    private function base(Stall $stall): Builder
    {
        $words = mb_strtolower(addcslashes($this->words, '%_\\'));

        return DB::table('prices as p')->where('p.stall_id', $stall->id)->where('p.market', $this->market)->where('p.offered', true)
            ->when($this->recipe !== null, fn (Builder $q) => $q->where('p.recipe_id', $this->recipe))
            ->when($this->state !== '', fn (Builder $q) => $q->whereIn('p.listing_variant_id', fn (Builder $v) => $v->select('sv.id')->from('listing_variants as sv')->join('listings as sl', 'sl.id', '=', 'sv.listing_id')->where('sl.stall_id', $stall->id)->where('sl.state', $this->state)))
            ->when($this->words !== '', fn (Builder $q) => $q->whereIn('p.listing_variant_id', fn (Builder $v) => $v->select('tv.id')->from('listing_variants as tv')->join('listings as tl', 'tl.id', '=', 'tv.listing_id')->where('tl.stall_id', $stall->id)->whereNull('tl.deleted_at')->where('tl.shown_title', 'ilike', '%'.$words.'%')
                ->union(DB::table('supplier_variants as s')->join('listing_variants as cv', 'cv.supplier_variant_id', '=', 's.id')->whereRaw('lower(s.sku) ~>=~ ? AND lower(s.sku) ~<~ ?', [mb_strtolower($this->words), mb_strtolower($this->words)."\u{10FFFF}"])->select('cv.id'))));
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
