<?php

declare(strict_types=1);

namespace WindowStall\Stall;

use Carbon\CarbonInterface;
use DateTimeZone;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * The clock a stall goes by. Moments are kept in UTC; whatever a person reads or types of days and hours is by this one.
 */
final readonly class Clock
{
    /** @param  string  $zone  an IANA name */
    public function __construct(public string $zone)
    {
    }

    public static function of(Stall $stall): self
    {
        return new self($stall->zone);
    }

    /** That of the stall that was entered; UTC outside of any. */
    public static function here(): self
    {
        return new self(OneStall::zone());
    }

    /** @return list<string> names of zones that both PHP and PostgreSQL know */
    public static function zones(): array
    {
        $known = DB::table('pg_timezone_names')->pluck('name')->all();

        return array_values(array_intersect(DateTimeZone::listIdentifiers(DateTimeZone::ALL_WITH_BC), $known));
    }

    /** "30 November 2026" */
    public function day(CarbonInterface $at): string
    {
        return $this->local($at)->format('j F Y');
    }

    /** "30 Nov 2026, 14:05" */
    public function moment(CarbonInterface $at): string
    {
        return $this->local($at)->format('j M Y, H:i');
    }

    /** "Mon 30 Nov, 14:05", for what is near */
    public function near(CarbonInterface $at): string
    {
        return $this->local($at)->format('D j M, H:i');
    }

    /** "14:05" */
    public function hour(CarbonInterface $at): string
    {
        return $this->local($at)->format('H:i');
    }

    /** Today, as `2026-11-30`. */
    public function today(): string
    {
        return $this->local(Carbon::now())->toDateString();
    }

    /**
     * The moment a day begins, in UTC; where the clocks are put forward at midnight, that is later.
     *
     * @param  string  $day  as `2026-11-30`
     */
    public function begins(string $day): Carbon
    {
        return Carbon::parse($day, $this->zone)->startOfDay()->utc();
    }

    /**
     * What somebody typed, in UTC. A time that says its own offset keeps it.
     *
     * @param  string  $typed  as `2026-11-30T14:05`
     */
    public function read(string $typed): Carbon
    {
        return Carbon::parse($typed, $this->zone)->utc();
    }

    /** "New York" for "America/New_York" */
    public function place(): string
    {
        return str_replace('_', ' ', substr(strrchr('/'.$this->zone, '/') ?: '/', 1));
    }

    /** The same moment by this clock. */
    public function local(CarbonInterface $at): CarbonInterface
    {
        return $at->toImmutable()->setTimezone($this->zone);
    }
}
