<?php

declare(strict_types=1);

namespace WindowStall\Bench\Jobs;

use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use WindowStall\Bench\Pictures\Picture;
use WindowStall\Stall\OneStall;

/** Sets the fetching of pictures again where the job that was to do it got lost. */
final class FetchForgotten implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    /** Pictures that wait for so long have nobody who comes for them; minutes. */
    private const PATIENCE = 15;

    private const AT_ONCE = 100;

    public int $tries = 1;

    public int $uniqueFor = 60;

    public function handle(): void
    {
        OneStall::each(
            'listings_without_pictures',
            [now()->subMinutes(self::PATIENCE), self::AT_ONCE],
            $this->fetch(...),
        );
    }

    private function fetch(int $listing): void
    {
        $waiting = fn () => Picture::query()->where('listing_id', $listing)->where('state', Picture::WAITING);
        $waiting()->update(['updated_at' => now()]);
        FetchPictures::dispatch($listing);
        foreach ($waiting()->whereNotNull('incoming')->pluck('id') as $sent) {
            MakePicture::dispatch((int) $sent);
        }
    }
}
