<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

/** Variants that fall together; the first is the one the program would keep. */
final readonly class TwinGroupView
{
    /** @param  list<TwinRowView>  $twins */
    public function __construct(public string $label, public string $why, public array $twins)
    {
    }
}
