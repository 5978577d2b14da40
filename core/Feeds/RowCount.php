<?php

declare(strict_types=1);

namespace WindowStall\Core\Feeds;

use WindowStall\Core\Words\Plural;

/** Where the rows of a file went: each that was seen was used, or was left out with a reason. */
final readonly class RowCount
{
    /**
     * @param  int  $seen  rows with anything in them
     * @param  int  $used  rows that goods were made of
     * @param  int  $left  rows that were left out, each with a reason
     */
    public function __construct(public int $seen, public int $used, public int $left)
    {
    }

    /** Rows that nobody can account for; nought, unless this program is at fault. */
    public function missing(): int
    {
        return $this->seen - $this->used - $this->left;
    }

    /** What is said where a row can't be accounted for; null where all can. */
    public function trouble(): ?string
    {
        return $this->missing() === 0
            ? null
            : sprintf(
                '%s came, %s were used and %s left out: where the others went isn’t known. Please tell us of it.',
                Plural::of($this->seen, 'row'),
                number_format($this->used),
                number_format($this->left),
            );
    }
}
