<?php

declare(strict_types=1);

namespace WindowStall\Source\Pulling;

use Illuminate\Support\Carbon;

/** How often a supplier's catalogue is pulled without anybody pressing. */
enum Schedule: string
{
    case Hourly = 'hourly';
    case SixHours = 'six_hours';
    case Nightly = 'nightly';
    case ByHand = 'by_hand';

    /** The hour, UTC, at which nightly pulls begin; most feeds are made afresh soon after midnight. */
    private const NIGHT = 3;

    public function words(): string
    {
        return match ($this) {
            self::Hourly => 'every hour',
            self::SixHours => 'every six hours',
            self::Nightly => 'every night',
            self::ByHand => 'only when asked',
        };
    }

    /**
     * When the next pull begins.
     *
     * @param  int  $failures  pulls that failed in a row; each doubles the wait, up to a day
     * @param  int  $spread  minutes later, so that many stalls don't begin at once
     */
    public function next(Carbon $now, int $failures, int $spread): ?Carbon
    {
        if ($failures > 0 && $this !== self::ByHand) {
            return $now->copy()->addMinutes(min(1440, 15 * 2 ** min($failures - 1, 7)));
        }

        return match ($this) {
            self::Hourly => $now->copy()->addHour(),
            self::SixHours => $now->copy()->addHours(6),
            self::Nightly => $now
                ->copy()
                ->addDay()
                ->setTime(self::NIGHT, 0)
                ->addMinutes($spread)
                ->subDays($now->hour < self::NIGHT ? 1 : 0),
            self::ByHand => null,
        };
    }
}
