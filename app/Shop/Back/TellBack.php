<?php

declare(strict_types=1);

namespace WindowStall\Shop\Back;

use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use WindowStall\Bench\Listing;
use WindowStall\Stall\OneStall;

/** Tells those who wished it that goods can be bought again: once, and with the mail on its way the wish is gone. */
final class TellBack implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    private const AT_ONCE = 200;

    public int $tries = 1;

    public int $timeout = 60;

    public int $uniqueFor = 60;

    public function handle(): void
    {
        OneStall::each('back_wishes_due', [self::AT_ONCE], static function (int $number): void {
            DB::transaction(static function () use ($number): void {
                $wish = DB::table('back_wishes')->where('id', $number)->lockForUpdate()->first();
                $listing = $wish === null ? null : Listing::query()->with('stall')->find((int) $wish->listing_id);
                if ($wish === null || $listing?->stall === null) {
                    return;
                }
                DB::table('back_wishes')->where('id', $number)->delete();
                Mail::to($wish->email)->locale($wish->language)->queue(new BackLetter(
                    shop: $listing->stall->name,
                    title: $listing->stall->speaking($wish->language)->phrases()->say($listing->shown_title),
                    link: $listing->stall->shopAddress('/goods/'.$listing->slug),
                ));
            });
        });
    }
}
