<?php

declare(strict_types=1);

namespace WindowStall\Window\Jobs;

use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use WindowStall\Window\ShareCard;
use WindowStall\Window\Window;

/** Makes the picture that goes along when the published shop is shared. */
final class MakeShareCard implements ShouldQueue
{
    use Queueable;

    public int $tries = 3;

    public int $timeout = 60;

    public function __construct(public readonly int $stallId)
    {
        $this->onQueue('pictures');
    }

    public function handle(): void
    {
        $look = Window::query()->with('published')->find($this->stallId)?->publishedContent()?->look;
        if ($look !== null) {
            ShareCard::make($look);
        }
    }
}
