<?php

declare(strict_types=1);

namespace WindowStall\Window\Jobs;

use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use WindowStall\Window\GoodsCard;
use WindowStall\Window\Window;

/** Makes the picture that goes along when goods or a shelf are shared. */
final class MakeGoodsCard implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    public int $tries = 3;

    public int $timeout = 60;

    public int $uniqueFor = 600;

    /** @param  list<string>  $pictures  where they lie */
    public function __construct(public readonly int $stallId, public readonly array $pictures)
    {
        $this->onQueue('pictures');
    }

    public function uniqueId(): string
    {
        return $this->stallId.' '.implode(' ', $this->pictures);
    }

    public function handle(): void
    {
        $look = Window::query()->with('published')->find($this->stallId)?->publishedContent()?->look;
        if ($look !== null) {
            (new GoodsCard($this->stallId, $look, $this->pictures))->make();
        }
    }
}
