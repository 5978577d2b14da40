<?php

declare(strict_types=1);

namespace WindowStall\Source\Feeds;

/** Gives some rows of a file whose rows are cheap to part. */
trait PicksRows
{
    public function some(iterable $numbers): iterable
    {
        return Picked::of($this->rows(), $numbers);
    }
}
