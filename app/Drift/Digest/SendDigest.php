<?php

declare(strict_types=1);

namespace WindowStall\Drift\Digest;

use Illuminate\Support\Facades\Mail;
use WindowStall\Drift\Views\DeskView;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;

/** Mails what asks on the desk to those who keep the stall: once a day, and only when there is something to say. */
final class SendDigest
{
    public function __invoke(Stall $stall): void
    {
        $desk = DeskView::of($stall);
        // Written first: one that is asked for twice is sent once, and one day without is better than two at once.
        $stall->update(['digest_sent_on' => Clock::of($stall)->today()]);
        $told = [];
        foreach ([...$desk->aside, ...$desk->groups] as $group) {
            $told[] = ['headline' => $group->headline, 'effect' => $group->effect];
        }
        if ($told === []) {
            return;
        }
        foreach ($stall->users as $person) {
            Mail::to($person->email)->queue(new DigestMail($stall->name, $desk->headline, $told, route('drift', $stall)));
        }
    }
}
