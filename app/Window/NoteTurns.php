<?php

declare(strict_types=1);

namespace WindowStall\Window;

use WindowStall\Offers\Events\SetsMoved;

/** Listens to SetsMoved: pages that show a set turn when it begins and when it ends. */
final readonly class NoteTurns
{
    public function handle(SetsMoved $moved): void
    {
        Window::query()->find($moved->stall->id)?->turnNext();
    }
}
