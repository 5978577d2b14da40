<?php

declare(strict_types=1);

namespace WindowStall\Core\Delivery;

use WindowStall\Core\Words\Plural;

/** A span of working days from order to door, both ends included. */
final readonly class DayRange
{
    /**
     * @param  int  $min  working days
     * @param  int  $max  working days, no fewer
     */
    public function __construct(public int $min, public int $max)
    {
        if ($min < 0 || $max < $min) {
            throw new \InvalidArgumentException(sprintf('No span of days runs from %d to %d.', $min, $max));
        }
    }

    /** This span after another one, such as processing before transit. */
    public function after(self $other): self
    {
        return new self($this->min + $other->min, $this->max + $other->max);
    }

    /** What all of several spans need: the longest of their beginnings and of their ends. */
    public function slowest(self ...$others): self
    {
        return new self(
            max($this->min, ...array_map(static fn (self $o): int => $o->min, $others)),
            max($this->max, ...array_map(static fn (self $o): int => $o->max, $others)),
        );
    }

    /** What {@see write()} wrote; null for anything else. */
    public static function read(string $written): ?self
    {
        return preg_match('/^(\d{1,4})-(\d{1,4})$/D', $written, $days) === 1 && (int) $days[1] <= (int) $days[2]
            ? new self((int) $days[1], (int) $days[2])
            : null;
    }

    /** "2-4" */
    public function write(): string
    {
        return $this->min.'-'.$this->max;
    }

    /** "2 to 4 days", "1 day". */
    public function words(): string
    {
        if ($this->min === $this->max) {
            return Plural::of($this->max, 'day');
        }

        return $this->min.' to '.$this->max.' days';
    }
}
