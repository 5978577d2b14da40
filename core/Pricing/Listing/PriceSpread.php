<?php

declare(strict_types=1);

namespace WindowStall\Core\Pricing\Listing;

/**
 * Brings the prices of a listing's variants together: each its own, one for all, or one up to a value of an option and
 * another above.
 */
final readonly class PriceSpread
{
    /**
     * @param  string  $option  for {@see AcrossVariants::Stepped}: the option that the price steps by
     * @param  list<list<string>>  $groups  its values, group by group; values in none of them are one group more
     */
    public function __construct(public AcrossVariants $across, public string $option = '', public array $groups = [])
    {
    }

    /**
     * @param  array<int, int|null>  $prices  variant → its own recipe's price in minor units; null where it has none
     * @param  array<int, string>  $values  variant → its value of the option
     * @return array<int, int|null> variant → price
     */
    public function over(array $prices, array $values = []): array
    {
        if ($this->across === AcrossVariants::Each || count($prices) < 2) {
            return $prices;
        }
        $dearest = [];
        $group = [];
        foreach ($prices as $variant => $price) {
            $group[$variant] = $this->across === AcrossVariants::One ? 0 : $this->groupOf($values[$variant] ?? '');
            if ($price !== null) {
                $dearest[$group[$variant]] = max($price, $dearest[$group[$variant]] ?? 0);
            }
        }
        foreach ($prices as $variant => $price) {
            $prices[$variant] = $price === null ? null : $dearest[$group[$variant]];
        }

        return $prices;
    }

    private function groupOf(string $value): int
    {
        foreach ($this->groups as $n => $values) {
            if (in_array($value, $values, true)) {
                return $n;
            }
        }

        return count($this->groups);
    }
}
