<?php

declare(strict_types=1);

namespace WindowStall\Bench\Carrying;

use WindowStall\Bench\Undo\BenchChange;
use WindowStall\Core\Feeds\Reject;
use WindowStall\Core\Words\Plural;

/** What bringing listings in has come to so far. */
final class Imported
{
    public int $changed = 0;

    public int $taken = 0;

    /** @var list<Reject> those not told yet */
    public array $rejects = [];

    private int $told = 0;

    /** @param  BenchChange|null  $change  the step by which it can be taken back; null while nothing differs */
    public function __construct(public ?BenchChange $change)
    {
    }

    /** @return list<Reject> those that weren't told yet */
    public function takeRejects(): array
    {
        $rejects = $this->rejects;
        $this->told += count($rejects);
        $this->rejects = [];

        return $rejects;
    }

    public function words(): string
    {
        $left = $this->told + count($this->rejects);
        $words =
            $this->changed === 0
                ? 'Nothing in the file differs from what is here'
                : Plural::of($this->changed, 'listing was', 'listings were').' changed';

        return $words.
            ($this->taken > 0 ? sprintf(', %d of them newly taken to the bench', $this->taken) : '').
            ($left === 0 ? '.' : sprintf('; %s left out.', Plural::of($left, 'cell was', 'cells were')));
    }
}
