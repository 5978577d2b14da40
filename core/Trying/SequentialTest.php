<?php

declare(strict_types=1);

namespace WindowStall\Core\Trying;

/**
 * Which of two versions brings more orders, asked anew with every order and never too early.
 *
 * Who looks is sent to a half by a coin, so without a difference every order comes from either half with probability 1/2. Two
 * sequential probability ratio tests (A. Wald, Sequential Tests of Statistical Hypotheses, 1945) weigh that against a tenth
 * more orders from the second half (p = 1.1/2.1), and against a tenth more from the first. A ratio of 40 decides for a
 * version: without a difference it is ever reached in at most 1 of 40 cases (Ville's inequality), on either side, so that
 * false alarms are at most 5%, however often one looks. One of 1/20 gives a difference that large up. Once both are given up,
 * neither version brings as much.
 */
final readonly class SequentialTest
{
    /** What is looked for: so much more. */
    public const GAIN = 0.1;

    /**
     * Orders within which a tenth more is found in 9 of 10 cases, rounded up; half of them need fewer than half as many
     * (SequentialTestTest finds both by simulation).
     */
    public const SIZE = 8_000;

    /** Orders that it usually takes, whether there is such a difference or none. */
    public const USUAL = 3_600;

    private const FOUND = 40.0;

    private const GIVEN_UP = 0.05;

    /**
     * @param  float  $second  logarithm of how much likelier a tenth more from the second half makes what came
     * @param  float  $first  likewise, from the first
     */
    private function __construct(
        public Verdict $verdict,
        private float $second,
        private float $first,
        private bool $secondOut,
        private bool $firstOut,
    ) {
    }

    public static function begun(): self
    {
        return new self(Verdict::Open, 0.0, 0.0, false, false);
    }

    /**
     * @param  iterable<bool>  $orders  in the order in which they came: whether from the second half
     * @return self as it stood when it was decided, whatever came afterwards
     */
    public static function of(iterable $orders): self
    {
        $test = self::begun();
        foreach ($orders as $fromSecond) {
            if ($test->verdict !== Verdict::Open) {
                break;
            }
            $test = $test->with($fromSecond);
        }

        return $test;
    }

    public function with(bool $fromSecond): self
    {
        if ($this->verdict !== Verdict::Open) {
            return $this;
        }
        // The likelihood of one order, against 1/2.
        $more = log(2 * (1 + self::GAIN) / (2 + self::GAIN));
        $less = log(2 / (2 + self::GAIN));
        $second = $this->secondOut ? $this->second : $this->second + ($fromSecond ? $more : $less);
        $first = $this->firstOut ? $this->first : $this->first + ($fromSecond ? $less : $more);
        $secondOut = $this->secondOut || $second <= log(self::GIVEN_UP);
        $firstOut = $this->firstOut || $first <= log(self::GIVEN_UP);

        return new self(
            match (true) {
                ! $secondOut && $second >= log(self::FOUND) => Verdict::Second,
                ! $firstOut && $first >= log(self::FOUND) => Verdict::First,
                $secondOut && $firstOut => Verdict::Neither,
                default => Verdict::Open,
            },
            $second,
            $first,
            $secondOut,
            $firstOut,
        );
    }
}
