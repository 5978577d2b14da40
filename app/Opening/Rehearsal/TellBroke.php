<?php

declare(strict_types=1);

namespace WindowStall\Opening\Rehearsal;

use Illuminate\Support\Facades\Mail;
use WindowStall\Core\Opening\Rehearsal\RolledShopper;
use WindowStall\Stall\Stall;

/** Mails those who work in a stall what broke since the rehearsal before, once that was found at night. */
final class TellBroke
{
    public static function of(Stall $stall, Rehearsal $rehearsal): void
    {
        $before = $rehearsal->before();
        $broke = $before === null ? [] : $rehearsal->rolled()->brokeSince($before->rolled());
        if ($broke === [] || ! $rehearsal->by_night) {
            return;
        }
        $told = array_map(static fn (RolledShopper $one): array => [
            'who' => ucfirst(Stall::countrySaid($one->country)).($one->method === null ? '' : ', '.lcfirst($one->method->words())),
            'words' => $one->broken()->words ?? '',
            'read' => $one->broken()->read ?? '',
        ], $broke);
        foreach ($stall->users as $person) {
            Mail::to($person->email)->queue(new NightBroke($stall->name, $told, route('opening', $stall)));
        }
    }
}
