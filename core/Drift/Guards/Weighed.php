<?php

declare(strict_types=1);

namespace WindowStall\Core\Drift\Guards;

/** What one pull would do to a supplier's goods, in counts: enough to judge it again by other limits. */
final readonly class Weighed
{
    /**
     * Barcodes that may stand at other goods, in basis points of the variants; and costs a hundred times what they
     * were.
     */
    private const BARCODES = 200;

    private const HUNDREDFOLD = 5_000;

    /**
     * @param  int  $goods  the supplier's goods before the pull
     * @param  int  $missing  of them that aren't in it
     * @param  int  $met  goods in the pull
     * @param  int  $variants  the goods' variants before the pull
     * @param  int  $inStock  of them that could be sold
     * @param  int  $emptied  of those that would be sold out
     * @param  int  $halved  variants whose cost would fall to half or less
     * @param  int  $currencies  variants whose cost is in another currency than before
     * @param  int  $larger  variants whose cost is about a hundred times larger
     * @param  int  $smaller  or smaller
     * @param  int  $moved  barcodes that belonged to another variant
     */
    public function __construct(
        public int $goods,
        public int $missing,
        public int $met,
        public int $variants,
        public int $inStock,
        public int $emptied = 0,
        public int $halved = 0,
        public int $currencies = 0,
        public int $larger = 0,
        public int $smaller = 0,
        public int $moved = 0,
    ) {
    }

    /**
     * @return list<array{Guard, int, int, string}> what trips, how many, of how many, and the sentence; those that
     *     weigh most first
     */
    public function trips(GuardLimits $limits): array
    {
        if ($this->goods === 0) {
            return [];
        }
        if ($this->met === 0) {
            return [[Guard::Empty, $this->goods, $this->goods, 'Nothing at all came, which is hardly true.']];
        }
        $hundred = max($this->larger, $this->smaller);
        $slipped = GuardLimits::beyond($hundred, $this->variants, self::HUNDREDFOLD);
        // A slipped decimal sign halves costs too; it is said once.
        $halved = ! $slipped && GuardLimits::beyond($this->halved, $this->variants, $limits->halvedBp);
        $all = [
            [
                $this->currencies > 0, Guard::Currency, $this->currencies, $this->variants,
                '%d costs are in another currency than before.',
            ],
            [
                $slipped, Guard::Hundredfold, $hundred, $this->variants,
                $this->larger >= $this->smaller
                    ? '%d of %d costs are about a hundred times larger.'
                    : '%d of %d costs are about a hundred times smaller.',
            ],
            [
                GuardLimits::beyond($this->moved, $this->variants, self::BARCODES),
                Guard::Barcodes, $this->moved, $this->variants,
                '%d of %d barcodes stand at other goods than before.',
            ],
            [
                GuardLimits::beyond($this->missing, $this->goods, $limits->shortBp),
                Guard::Short, $this->missing, $this->goods,
                '%d of %d goods are missing.',
            ],
            [
                GuardLimits::beyond($this->emptied, $this->inStock, $limits->emptiedBp),
                Guard::Emptied, $this->emptied, $this->inStock,
                '%d of %d variants that were in stock would be sold out.',
            ],
            [$halved, Guard::Halved, $this->halved, $this->variants, '%d of %d costs would fall to half or less.'],
        ];
        $tripped = [];
        foreach ($all as [$trips, $guard, $count, $of, $words]) {
            if ($trips) {
                $tripped[] = [$guard, $count, $of, sprintf($words, $count, $of)];
            }
        }

        return $tripped;
    }

    /** @return array<string, int> */
    public function toArray(): array
    {
        /** @var array<string, int> */
        return get_object_vars($this);
    }

    /** @param  array<mixed>  $kept  as {@see toArray()} gave them; what isn't a count is nought */
    public static function from(array $kept): self
    {
        $count = static fn (string $name): int => is_int($kept[$name] ?? null) ? max(0, $kept[$name]) : 0;

        return new self(
            goods: $count('goods'),
            missing: $count('missing'),
            met: $count('met'),
            variants: $count('variants'),
            inStock: $count('inStock'),
            emptied: $count('emptied'),
            halved: $count('halved'),
            currencies: $count('currencies'),
            larger: $count('larger'),
            smaller: $count('smaller'),
            moved: $count('moved'),
        );
    }
}
