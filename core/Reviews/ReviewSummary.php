<?php

declare(strict_types=1);

namespace WindowStall\Core\Reviews;

use WindowStall\Core\Money\Rounding;

/** What several reviews come to. */
final readonly class ReviewSummary
{
    /** Of fewer no average is said: a single one would move it too far. */
    public const LEAST = 5;

    /** @param  int|null  $tenths  average stars, 46 for 4.6, rounded half up; null of too few */
    private function __construct(public int $count, public ?int $tenths)
    {
    }

    /** @param  array<int, int>  $stars  stars from 1 to 5 → how many gave so many */
    public static function of(array $stars): self
    {
        $count = array_sum($stars);
        $sum = 0;
        foreach ($stars as $given => $times) {
            if ($given < 1 || $given > 5 || $times < 0) {
                throw new \InvalidArgumentException(sprintf('Nobody gives %d stars %d times.', $given, $times));
            }
            $sum += $given * $times;
        }

        return new self($count, $count < self::LEAST ? null : Rounding::halfUp($sum, 10, $count));
    }

    /** "4.6"; "" of too few */
    public function digits(): string
    {
        return $this->tenths === null ? '' : intdiv($this->tenths, 10).'.'.$this->tenths % 10;
    }
}
