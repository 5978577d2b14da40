<?php

declare(strict_types=1);

namespace WindowStall\Core\Giving;

use DateTimeImmutable;

/** For how long, and how often, a file that was bought can be fetched. */
final readonly class DownloadTerms
{
    public const MOST_DAYS = 3_650;

    public const MOST_TIMES = 100;

    /**
     * @param  int  $days  after it was paid
     * @param  int  $times  for each piece that was bought
     *
     * @throws GivingRefused
     */
    public function __construct(public int $days, public int $times)
    {
        if ($days < 1 || $days > self::MOST_DAYS) {
            throw new GivingRefused(sprintf('Days are a whole number from 1 to %s.', number_format(self::MOST_DAYS)));
        }
        if ($times < 1 || $times > self::MOST_TIMES) {
            throw new GivingRefused(sprintf('Times are a whole number from 1 to %d.', self::MOST_TIMES));
        }
    }

    public function until(DateTimeImmutable $paid): DateTimeImmutable
    {
        return $paid->modify('+'.$this->days.' days');
    }

    /**
     * How often it can still be fetched.
     *
     * @param  int  $pieces  bought, and not given back
     * @param  int  $fetched  how often it was
     */
    public function left(DateTimeImmutable $paid, int $pieces, int $fetched, DateTimeImmutable $now): int
    {
        return $now >= $this->until($paid) ? 0 : max(0, $this->times * $pieces - $fetched);
    }
}
