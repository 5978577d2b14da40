<?php

declare(strict_types=1);

namespace WindowStall\Window;

use Illuminate\Support\Facades\Event;
use Illuminate\Support\ServiceProvider;
use WindowStall\Stall\Events\StallOpened;

/** What Window listens to. */
final class WindowServiceProvider extends ServiceProvider
{
    public function boot(): void
    {
        Event::listen(static fn (StallOpened $opened) => app(StartWindow::class)($opened->stall));
    }
}
