<?php

declare(strict_types=1);

namespace WindowStall\Core\Facts;

/**
 * One fact in the three voices. What the shopper sees is computed here and nowhere else, from the supplier's word at
 * the last agreement, the supplier's word now, the seller's word, and the policy of the field.
 *
 * @template T
 */
final readonly class Fact
{
    /**
     * @param  T  $agreed  the supplier's word when the seller last agreed
     * @param  T  $now  the supplier's word at the latest pull
     * @param  T  $own  the seller's word; only meaningful when held
     */
    private function __construct(
        public mixed $agreed,
        public mixed $now,
        public mixed $own,
        public bool $held,
        public Policy $policy,
    ) {
    }

    /**
     * @template V
     *
     * @param  V  $agreed
     * @param  V  $now
     * @return self<V>
     */
    public static function following(mixed $agreed, mixed $now, Policy $policy = Policy::Follow): self
    {
        return new self($agreed, $now, $now, false, $policy);
    }

    /**
     * @template V
     *
     * @param  V  $agreed
     * @param  V  $now
     * @param  V  $own
     * @return self<V>
     */
    public static function held(mixed $agreed, mixed $now, mixed $own, Policy $policy = Policy::Follow): self
    {
        return new self($agreed, $now, $own, true, $policy);
    }

    /** @return T what the shopper sees */
    public function shown(): mixed
    {
        return match (true) {
            $this->held => $this->own,
            $this->policy === Policy::Follow => $this->now,
            default => $this->agreed,
        };
    }
}
