<?php

declare(strict_types=1);

namespace WindowStall\Shelves\Views;

use WindowStall\Core\Shelves\Overlap;
use WindowStall\Core\Words\Plural;
use WindowStall\Shelves\Covers;
use WindowStall\Shelves\RuleReader;
use WindowStall\Shelves\Shelf;
use WindowStall\Shelves\ShelfFigures;
use WindowStall\Stall\Stall;

/** All shelves of a stall, what is amiss with them, which there could be, and what stands on none. */
final readonly class ShelvesView
{
    /**
     * @param  list<ShelfRowView>  $shelves
     * @param  list<ProposalView>  $proposals
     * @param  int  $homeless  goods in the window that stand on no shelf
     * @param  int  $all  goods in the window
     */
    public function __construct(public array $shelves, public array $proposals, public int $homeless, public int $all)
    {
    }

    public static function of(Stall $stall): self
    {
        $figures = new ShelfFigures($stall);
        $counts = $figures->counts();
        $same = $figures->nearlySame($counts);
        $shelves = Shelf::of($stall)->orderBy('name')->orderBy('id')->get()->keyBy('id');
        $pictures = Covers::of($stall);
        $read = RuleReader::words($stall);
        $proposals = $figures->proposals();
        $leading = Covers::leading($stall, array_map(static fn (array $p): int => $p['candidate']->goods[0], $proposals));

        return new self(
            shelves: array_values($shelves->map(static function (Shelf $shelf) use (
                $stall,
                $counts,
                $same,
                $shelves,
                $pictures,
                $read,
            ): ShelfRowView {
                $count = $counts[$shelf->id] ?? ['goods' => 0, 'buyable' => 0];
                $rule = $shelf->readRule($stall);

                return new ShelfRowView(
                    id: $shelf->id,
                    name: $shelf->name,
                    picture: ($pictures[$shelf->id] ?? null)?->url(150),
                    ruled: $shelf->ruled,
                    fills: $rule === null ? 'picked by hand' : $read->rule($rule),
                    standing: $shelf->standing->words(),
                    goods: $count['goods'],
                    buyable: $count['buyable'],
                    remarks: self::remarks($count, $shelves->get($same[$shelf->id] ?? 0)?->name),
                );
            })->all()),
            proposals: array_map(
                static fn (array $p): ProposalView => ProposalView::of(
                    $p['candidate'],
                    $p['homeless'],
                    ($leading[$p['candidate']->goods[0]] ?? null)?->url(150),
                ),
                $proposals,
            ),
            homeless: count($figures->homeless()),
            all: $figures->all(),
        );
    }

    /**
     * @param  array{goods: int, buyable: int}  $count
     * @return list<string>
     */
    private static function remarks(array $count, ?string $same): array
    {
        $out = $count['goods'] - $count['buyable'];

        return array_values(array_filter([
            match (true) {
                $count['goods'] === 0 => 'Nothing stands on it.',
                $count['buyable'] === 0 => 'Nothing on it can be bought.',
                $count['goods'] < Overlap::FEW => 'It is nearly empty.',
                $out > 0 => Plural::of($out, 'of them can’t be bought', 'of them can’t be bought').'.',
                default => null,
            },
            $same === null ? null : sprintf('It holds nearly the same as “%s”.', $same),
        ]));
    }
}
