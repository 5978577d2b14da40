<?php

declare(strict_types=1);

namespace WindowStall\Bench\Undo;

/** What of listings a step touches. Only that is kept, and put back when the step is taken back. */
final readonly class Touched
{
    /**
     * @param  list<string>  $columns  of the listings
     * @param  list<string>  $ended  drafts that it ends where there are such
     * @param  list<int>  $variantsOf  listings whose variants it touches
     */
    public function __construct(public array $columns, public array $ended, public array $variantsOf)
    {
    }
}
