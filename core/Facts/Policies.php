<?php

declare(strict_types=1);

namespace WindowStall\Core\Facts;

/** A stall's rules for what suppliers change: for all of it, for a supplier, for a listing; the nearest wins. */
final readonly class Policies
{
    /** How far a cost may move and still be followed, in basis points of what it was. */
    public const BAND = 1_500;

    public const MOST_BAND = 100_000;

    /** After how many pulls what is gone is put by without anybody having said so. */
    public const PULLS = 5;

    public const MOST_PULLS = 99;

    /**
     * @param  array<string, Policy>  $facts  by the fact's name
     * @param  array<string, string>  $whence  and who said so
     * @param  int  $afterPulls  after so many pulls what is gone is put by all the same; 0 never
     */
    private function __construct(
        private array $facts,
        private array $whence,
        public int $bandBp,
        private string $bandWhence,
        public FloorPolicy $floor,
        public int $afterPulls,
    ) {
    }

    /**
     * @param  array<string, array<mixed>>  $layers  who said it ("for the stall", "for Oakum Depot") → what is said,
     *     the farthest first: fact names to policies, "band" in basis points, "floor" to a {@see FloorPolicy}, "pulls"
     *     to a number; what can't be read isn't said
     */
    public static function of(array $layers): self
    {
        $facts = $whence = [];
        [$band, $bandWhence] = [self::BAND, 'as it begins'];
        [$floor, $pulls] = [FloorPolicy::Ask, self::PULLS];
        foreach ($layers as $who => $said) {
            foreach (FactName::cases() as $fact) {
                $policy = is_string($said[$fact->value] ?? null) ? Policy::tryFrom($said[$fact->value]) : null;
                if ($policy !== null && in_array($policy, $fact->choices(), true)) {
                    $facts[$fact->value] = $policy;
                    $whence[$fact->value] = $who;
                }
            }
            if (is_int($said['band'] ?? null) && $said['band'] >= 0 && $said['band'] <= self::MOST_BAND) {
                [$band, $bandWhence] = [$said['band'], $who];
            }
            $floor = (is_string($said['floor'] ?? null) ? FloorPolicy::tryFrom($said['floor']) : null) ?? $floor;
            if (is_int($said['pulls'] ?? null) && $said['pulls'] >= 0 && $said['pulls'] <= self::MOST_PULLS) {
                $pulls = $said['pulls'];
            }
        }

        return new self($facts, $whence, $band, $bandWhence, $floor, $pulls);
    }

    public function for(FactName $fact): Policy
    {
        return $this->facts[$fact->value] ?? $fact->begins();
    }

    /** Who said what counts for a fact. */
    public function whence(FactName $fact): string
    {
        return $this->whence[$fact->value] ?? 'as it begins';
    }

    /** "within 15% of what it was (for Oakum Depot)" */
    public function bandWords(): string
    {
        $percent = rtrim(rtrim(number_format($this->bandBp / 100, 2, '.', ''), '0'), '.');

        return sprintf('%s%% (%s)', $percent, $this->bandWhence);
    }
}
