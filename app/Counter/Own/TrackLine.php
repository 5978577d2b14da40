<?php

declare(strict_types=1);

namespace WindowStall\Counter\Own;

use Carbon\CarbonInterface;
use Illuminate\Support\Carbon;
use WindowStall\Counter\Following\Parcel;
use WindowStall\Counter\Following\Parcels;
use WindowStall\Counter\Order;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;
use WindowStall\Support\Speech\Speech;
use WindowStall\Support\Speech\Spoken;

/** A parcel on a line from paid to promised, as its shopper sees it; places are of a hundred. */
final readonly class TrackLine
{
    /**
     * @param  int  $posted  where it was posted, from paid (nought) to what is last (a hundred)
     * @param  int  $now  how far it is: now, or when it was there
     * @param  int|null  $promised  where it is promised for
     * @param  string  $words  where it was seen last
     * @param  string  $spoken  all of the line in words
     */
    private function __construct(
        public int $posted,
        public int $now,
        public ?int $promised,
        public bool $there,
        public bool $late,
        public string $words,
        public string $spoken,
        public string $paidOn,
        public string $promisedFor,
    ) {
    }

    public static function of(Stall $stall, Order $order, Parcel $parcel): self
    {
        $clock = Clock::of($stall);
        $paid = $order->paid_at ?? $order->created_at;
        $promised = $parcel->promised_to === null ? null : Carbon::instance(Parcels::endOf($stall, $parcel->promised_to));
        $now = $parcel->there_at ?? now();
        $end = $promised === null || $now->isAfter($promised) ? $now : $promised;
        $at = static fn (CarbonInterface $moment): int => max(0, min(100, intdiv(
            ($moment->getTimestamp() - $paid->getTimestamp()) * 100,
            max(1, $end->getTimestamp() - $paid->getTimestamp()),
        )));
        $on = static fn (CarbonInterface $moment): string => Spoken::day($clock->local($moment));
        $promisedFor = $promised === null ? '' : $on($promised->copy()->subMinute());

        return new self(
            posted: $at($parcel->posted_at),
            now: $at($now),
            promised: $promised === null ? null : $at($promised),
            there: $parcel->there_at !== null,
            late: $parcel->there_at === null && $promised !== null && $promised->isPast(),
            words: self::words($clock, $parcel),
            spoken: Speech::say('till.track.line', paid: $on($paid), posted: $on($parcel->posted_at), promised: $promisedFor),
            paidOn: $on($paid),
            promisedFor: $promisedFor,
        );
    }

    private static function words(Clock $clock, Parcel $parcel): string
    {
        if ($parcel->stands === null) {
            return '';
        }
        $when = Spoken::day($clock->local($parcel->there_at ?? $parcel->moved_at)).', '.$clock->hour($parcel->there_at ?? $parcel->moved_at);
        if ($parcel->there_at !== null) {
            return $when;
        }
        $what = Speech::say('till.track.'.$parcel->stands->value);

        return Speech::say(
            'till.track.last',
            when: $when,
            what: $parcel->place === '' ? $what : Speech::say('till.track.at', what: $what, place: $parcel->place),
        );
    }
}
