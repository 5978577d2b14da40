<?php

declare(strict_types=1);

namespace WindowStall\Bench\Jobs;

use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Picture;
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
        foreach (DB::select('SELECT stall, number FROM listings_without_pictures(?, ?)', [now()->subMinutes(self::PATIENCE), self::AT_ONCE]) as $row) {
            OneStall::within((int) $row->stall, static function () use ($row): void {
                Picture::query()->where('listing_id', (int) $row->number)->where('state', Picture::WAITING)->update(['updated_at' => now()]);
                FetchPictures::dispatch((int) $row->number);
                Picture::query()->where('listing_id', (int) $row->number)->where('state', Picture::WAITING)->whereNotNull('incoming')->pluck('id')
                    ->each(static fn (int $id) => MakePicture::dispatch($id));
            });
        }
    }
}
