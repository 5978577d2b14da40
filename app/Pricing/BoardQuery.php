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
    public const SORTS = ['title' => 'l.shown_title', 'goods' => 'p.goods_minor', 'delivery' => 'p.delivery_minor', 'landed' => 'p.landed_minor', 'price' => 'p.price_minor', 'was' => 'v.own_was_minor', 'keep' => 'p.keep_minor', 'margin' => 'p.margin_bp', 'floor' => 'p.above_floor_minor', 'since' => 'p.since'];

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
        $order = self::SORTS[$this->sort].($this->down ? ' DESC' : ' ASC').' NULLS LAST';

        return array_values($this->rows($stall)->orderByRaw($order.', p.listing_variant_id')->offset(($this->page - 1) * self::PAGE)->limit(self::PAGE + 1)->pluck('p.listing_variant_id')->map(intval(...))->all());
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
        return DB::table('prices as p')->join('listing_variants as v', 'v.id', '=', 'p.listing_variant_id')->join('listings as l', 'l.id', '=', 'v.listing_id')
            ->where('p.stall_id', $stall->id)->where('p.market', $this->market)->whereNull('l.deleted_at')->where('v.own_on', true)
            ->when($this->state !== '', fn (Builder $q) => $q->where('l.state', $this->state))
            ->when($this->recipe !== null, fn (Builder $q) => $q->where('p.recipe_id', $this->recipe))
            ->when($this->words !== '', fn (Builder $q) => $q->where(fn (Builder $w) => $w->where('l.shown_title', 'ilike', '%'.addcslashes($this->words, '%_\\').'%')
                ->orWhereIn('v.supplier_variant_id', fn (Builder $s) => $s->select('id')->from('supplier_variants')->where('sku', 'ilike', addcslashes($this->words, '%_\\').'%'))));
    }
}
