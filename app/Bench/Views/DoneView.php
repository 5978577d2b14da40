<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

use WindowStall\Bench\Undo\BenchChange;

/** Something that was done, and the step by which it can be taken back. */
final readonly class DoneView
{
    /** @param  int  $change  0 where nothing differed */
    public function __construct(public int $change, public string $words)
    {
    }

    public static function of(BenchChange $step): self
    {
        return new self(change: $step->id, words: $step->words);
    }
}
