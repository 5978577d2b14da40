<?php

declare(strict_types=1);

namespace WindowStall\Core\Drift\Guards;

/** How much of a supplier's goods one pull may end, empty or halve; beyond it the pull is set aside. */
final readonly class GuardLimits
{
    /** Below so many goods or variants no share means anything. */
    public const FEW = 3;

    /**
     * @param  int  $shortBp  share of goods that may be missing, in basis points
     * @param  int  $emptiedBp  share of variants in stock that may sell out at once
     * @param  int  $halvedBp  share of costs that may fall to half or less
     */
    public function __construct(
        public int $shortBp = 2_000,
        public int $emptiedBp = 5_000,
        public int $halvedBp = 2_000,
    ) {
        if (min($shortBp, $emptiedBp, $halvedBp) < 0 || max($shortBp, $emptiedBp, $halvedBp) > 10_000) {
            throw new \InvalidArgumentException('A share lies between nothing and all.');
        }
    }

    /** @param  array<mixed>  $saved  by name; what isn't a share is as it begins */
    public static function from(array $saved): self
    {
        $begin = new self;
        $share = static function (string $name, int $default) use ($saved): int {
            $said = $saved[$name] ?? null;

            return is_int($said) && $said >= 0 && $said <= 10_000 ? $said : $default;
        };

        return new self(
            shortBp: $share('short', $begin->shortBp),
            emptiedBp: $share('emptied', $begin->emptiedBp),
            halvedBp: $share('halved', $begin->halvedBp),
        );
    }

    /** @return array{short: int, emptied: int, halved: int} */
    public function toArray(): array
    {
        return ['short' => $this->shortBp, 'emptied' => $this->emptiedBp, 'halved' => $this->halvedBp];
    }

    /**
     * Whether a part is more than its share; a few of a few are never.
     *
     * @param  int  $part  how many
     * @param  int  $whole  of how many
     * @param  int  $shareBp  the most that is let through, in basis points
     */
    public static function beyond(int $part, int $whole, int $shareBp): bool
    {
        return $part >= self::FEW && $part * 10_000 > $whole * $shareBp;
    }
}
