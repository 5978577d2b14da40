<?php

declare(strict_types=1);

namespace WindowStall\Shop\Ready;

use WindowStall\Stall\Events\PagesWentStale;
use WindowStall\Stall\OneStall;
use WindowStall\Stall\ShopState;
use WindowStall\Stall\Stall;

/**
 * Listens to PagesWentStale: they are thrown away here and now. What can't be done now, whoever keeps the pages does
 * (Console\KeepPages).
 */
final readonly class ThrowStalePages
{
    public function __construct(private PageTurns $turns)
    {
    }

    public function handle(PagesWentStale $went): void
    {
        rescue(fn () => OneStall::within($went->stall, fn () => $this->turn($went->stall)));
    }

    private function turn(int $number): void
    {
        $stall = Stall::query()->find($number);
        if ($stall !== null) {
            $this->turns->turn($stall);
            PageFolder::of($stall)->follow(ShopState::of($stall));
        }
    }
}
