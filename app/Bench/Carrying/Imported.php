<?php

declare(strict_types=1);

namespace WindowStall\Bench\Carrying;

use WindowStall\Bench\BenchChange;
use WindowStall\Core\Feeds\Reject;

/** What bringing listings in came to. */
final readonly class Imported
{
    /** @param  list<Reject>  $rejects */
    public function __construct(public int $changed, public int $taken, public array $rejects, public ?BenchChange $change)
    {
    }

    public function words(): string
    {
        $words = $this->changed === 0 ? 'Nothing in the file differs from what is here' : sprintf('%d %s changed', $this->changed, $this->changed === 1 ? 'listing was' : 'listings were');

        return $words.($this->taken > 0 ? sprintf(', %d of them newly taken to the bench', $this->taken) : '').($this->rejects === [] ? '.' : sprintf('; %d %s left out.', count($this->rejects), count($this->rejects) === 1 ? 'cell was' : 'cells were'));
    }
}
