<?php

declare(strict_types=1);

namespace WindowStall\Offers\Views;

use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingState;
use WindowStall\Offers\Code;
use WindowStall\Offers\CodeUses;
use WindowStall\Shelves\Shelf;
use WindowStall\Stall\Stall;

/** All codes of a stall, those that run first, and what they can hold for. */
final readonly class CodesView
{
    private const MOST_GOODS = 400;

    /**
     * @param  list<CodeView>  $codes
     * @param  list<ShelfChoiceView>  $shelves
     * @param  list<ShelfChoiceView>  $goods  in the window, that can be given away; the first of many
     * @param  string  $effect  what the code that was just said does to floors; "" for nothing
     */
    public function __construct(public array $codes, public array $shelves, public array $goods, public string $currency, public string $effect)
    {
    }

    public static function of(Stall $stall, string $effect = ''): self
    {
        $codes = Code::of($stall)->latest('id')->limit(500)->get();
        $ids = array_values($codes->map(static fn (Code $code): int => $code->id)->all());
        $uses = app(CodeUses::class)->of($ids);
        $made = DB::table('single_codes')->whereIn('code_id', $ids)->groupBy('code_id')
            ->selectRaw('code_id, count(*) AS made')->pluck('made', 'code_id')->all();
        $rows = array_values($codes->map(static fn (Code $code): CodeView => CodeView::of(
            $stall,
            $code,
            $uses[$code->id] ?? 0,
            (int) ($made[$code->id] ?? 0),
        ))->all());
        usort($rows, static fn (CodeView $a, CodeView $b): int => [$b->runs, $b->id] <=> [$a->runs, $a->id]);

        return new self(
            $rows,
            array_values(Shelf::of($stall)->orderBy('name')->get()
                ->map(static fn (Shelf $s): ShelfChoiceView => new ShelfChoiceView($s->id, $s->name))->all()),
            array_values(Listing::of($stall)->where('state', ListingState::InWindow)->orderBy('shown_title')->limit(self::MOST_GOODS)
                ->get(['id', 'shown_title'])
                ->map(static fn (Listing $l): ShelfChoiceView => new ShelfChoiceView($l->id, $l->shown_title))->all()),
            $stall->currency,
            $effect,
        );
    }
}
