<?php

declare(strict_types=1);

namespace WindowStall\Core\Pricing\Recipe;

/** When a recipe counts: every condition that is given has to hold; without any it always does. */
final readonly class Conditions
{
    /**
     * @param  list<int>  $suppliers  any of these
     * @param  list<string>  $types  any of these, whatever their letters' case
     * @param  list<string>  $tags  any of these
     * @param  int|null  $costFrom  minor units of the stall's currency, included
     * @param  int|null  $costTo  included
     * @param  int|null  $gramsFrom  included
     * @param  int|null  $gramsTo  included
     * @param  list<string>  $markets  ISO 3166 countries, any of these
     * @param  list<string>  $methods  print methods, any of these
     */
    public function __construct(
        public array $suppliers = [],
        public array $types = [],
        public array $tags = [],
        public ?int $costFrom = null,
        public ?int $costTo = null,
        public ?int $gramsFrom = null,
        public ?int $gramsTo = null,
        public array $markets = [],
        public array $methods = [],
    ) {
    }

    public function hold(PricedGoods $goods): bool
    {
        return ($this->suppliers === [] || in_array($goods->supplier, $this->suppliers, true)) &&
            ($this->markets === [] || in_array($goods->market, $this->markets, true)) &&
            ($this->costFrom === null || $goods->goods >= $this->costFrom) &&
            ($this->costTo === null || $goods->goods <= $this->costTo) &&
            ($this->gramsFrom === null || $goods->grams >= $this->gramsFrom) &&
            ($this->gramsTo === null || $goods->grams <= $this->gramsTo) &&
            ($this->types === [] || self::shares($this->types, [$goods->type])) &&
            ($this->tags === [] || self::shares($this->tags, $goods->tags)) &&
            ($this->methods === [] || array_intersect($this->methods, $goods->methods) !== []);
    }

    public function none(): bool
    {
        // Value by value: a cost from 0 is a condition.
        return get_object_vars($this) === get_object_vars(new self());
    }

    /**
     * @param  list<string>  $wanted
     * @param  list<string>  $had
     */
    private static function shares(array $wanted, array $had): bool
    {
        return array_intersect(array_map(mb_strtolower(...), $wanted), array_map(mb_strtolower(...), $had)) !== [];
    }
}
