<?php

declare(strict_types=1);

namespace WindowStall\Shop\Back;

use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use WindowStall\Shop\SignUps;
use WindowStall\Stall\OneStall;
use WindowStall\Stall\Stall;

/** Tells those who wished it on the sign of a closed shop that it has opened, each once. */
final class TellOpened implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    private const AT_ONCE = 200;

    public int $tries = 1;

    public int $timeout = 60;

    public int $uniqueFor = 60;

    public function handle(): void
    {
        OneStall::each('openings_to_tell', [self::AT_ONCE], static function (int $number): void {
            DB::transaction(static function () use ($number): void {
                $told = DB::table('sign_ups')->where('id', $number)->where('opening_due', true)->lockForUpdate()->first();
                $stall = $told === null ? null : Stall::query()->find((int) $told->stall_id);
                if ($told === null || ! $stall instanceof Stall) {
                    return;
                }
                DB::table('sign_ups')->where('id', $number)->update(['opening_due' => false]);
                Mail::to($told->email)->locale($told->language)->queue(new OpenedLetter(
                    shop: $stall->name,
                    link: $stall->shopAddress('/'),
                    stop: $stall->shopAddress(SignUps::stopAt($stall, $told->email)),
                ));
            });
        });
    }
}
