<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

use Illuminate\Support\Facades\DB;
use WindowStall\Runs\Run;

/** What putting many in the window came to. */
final readonly class PlacedManyView
{
    private const SHOWN = 200;

    /** @param  list<LeftOutView>  $left  the first of them */
    public function __construct(public int $placed, public array $left)
    {
    }

    public static function of(Run $run): self
    {
        $left = DB::table('run_rejects')->where('run_id', $run->id)->orderBy('id')->limit(self::SHOWN)->get();

        return new self(
            placed: $run->counts['placed'] ?? 0,
            left: array_values(
                $left
                    ->map(
                        static fn (\stdClass $r): LeftOutView => new LeftOutView(
                            id: (int) $r->row,
                            title: (string) $r->value,
                            why: (string) $r->reason,
                        ),
                    )
                    ->all(),
            ),
        );
    }
}
