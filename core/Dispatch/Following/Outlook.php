<?php

declare(strict_types=1);

namespace WindowStall\Core\Dispatch\Following;

use DateTimeImmutable;

/**
 * When a parcel will be there, judged by those on record that had been under way as long: how many of them came too late for
 * its promise, and by how much in the middle. Late is what the promise has passed; likely late is what half or more of those
 * would be.
 */
final readonly class Outlook
{
    private const DAY = 86_400;

    /** Of ten, rounded. */
    private const TENTHS = 10;

    /**
     * @param  bool  $late  the last day it was promised for is over
     * @param  bool  $likely  half or more of those on record that stood so long came later than it was promised
     * @param  int  $known  parcels on record that had been under way as long
     * @param  int  $lateOnes  how many of them would be too late for the promise
     * @param  int|null  $lateBy  days, in the middle of those; null where none is
     * @param  DateTimeImmutable|null  $by  when half of them were there; null where too few are on record
     */
    private function __construct(
        public bool $late,
        public bool $likely,
        public int $known,
        public int $lateOnes,
        public ?int $lateBy,
        public ?DateTimeImmutable $by,
    ) {
    }

    /**
     * @param  DateTimeImmutable  $posted  handed to the carrier
     * @param  DateTimeImmutable  $promised  the end of the last day it was promised for
     * @param  TimesTaken  $like  what parcels of that supplier took to there
     */
    public static function of(
        DateTimeImmutable $posted,
        DateTimeImmutable $promised,
        DateTimeImmutable $now,
        TimesTaken $like,
    ): self {
        $elapsed = $now->getTimestamp() - $posted->getTimestamp();
        $left = $promised->getTimestamp() - $posted->getTimestamp();
        $still = $like->longerThan($elapsed);
        $late = $still->longerThan($left);
        $told = $like->enough() && $still->count() > 0;
        $middle = $late->quantile(50);

        return new self(
            late: $now > $promised,
            likely: $told && 2 * $late->count() >= $still->count(),
            known: $still->count(),
            lateOnes: $late->count(),
            lateBy: $middle === null ? null : (int) ceil(($middle - $left) / self::DAY),
            by: $told ? $posted->setTimestamp($posted->getTimestamp() + (int) $still->quantile(50)) : null,
        );
    }

    /** Of ten such parcels, so many came too late. */
    public function inTen(): int
    {
        return $this->known === 0 ? 0 : intdiv(2 * self::TENTHS * $this->lateOnes + $this->known, 2 * $this->known);
    }
}
