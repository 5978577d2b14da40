<?php

declare(strict_types=1);

namespace WindowStall\Core\Dispatch\Following;

/**
 * How long parcels like one took, as far as that is on record. Quantiles by the nearest rank: the smallest time within which
 * at least that share of them came (Hyndman & Fan 1996, definition 1).
 */
final readonly class TimesTaken
{
    /** With fewer on record nothing is told from them. */
    public const ENOUGH = 5;

    /** @var list<int> seconds, the shortest first */
    private array $times;

    /** @param  list<int>  $times  seconds from posting to the door */
    public function __construct(array $times)
    {
        sort($times);
        $this->times = $times;
    }

    public function enough(): bool
    {
        return count($this->times) >= self::ENOUGH;
    }

    public function count(): int
    {
        return count($this->times);
    }

    /**
     * @param  int  $percent  1 to 100
     * @return int|null seconds; null where nothing is on record
     */
    public function quantile(int $percent): ?int
    {
        return $this->times === [] ? null : $this->times[max(1, (int) ceil(count($this->times) * $percent / 100)) - 1];
    }

    /** Those that took longer than a parcel has been under way by now. */
    public function longerThan(int $seconds): self
    {
        return new self(array_values(array_filter($this->times, static fn (int $time): bool => $time > $seconds)));
    }
}
