<?php

declare(strict_types=1);

namespace WindowStall\Core\Shelves;

/** Which goods stand on a shelf by themselves: clauses and groups of clauses, all of them or any. */
final readonly class Rule
{
    /** Clauses and groups a rule may have, and clauses a group may. */
    public const MOST_PARTS = 20;

    /** @param  list<Condition|ConditionGroup>  $parts  without any, nothing stands there */
    public function __construct(public Joined $joined, public array $parts)
    {
    }

    public function holds(Goods $goods): bool
    {
        return $this->parts !== [] &&
            $this->joined->of(array_map(static fn (Condition|ConditionGroup $p): bool => $p->holds($goods), $this->parts));
    }

    /** A rule under which just the other goods stand; that of a rule without parts has none either. */
    public function negated(): self
    {
        $group = new ConditionGroup($this->joined, []);

        return new self(
            $group->negated()->joined,
            array_map(static fn (Condition|ConditionGroup $p): Condition|ConditionGroup => $p->negated(), $this->parts),
        );
    }

    /** @return list<Condition> all, in the order they are read */
    public function clauses(): array
    {
        return array_merge(
            ...array_map(static fn (Condition|ConditionGroup $p): array => $p instanceof ConditionGroup ? $p->clauses : [$p], $this->parts),
        );
    }

    /** Whether goods may come and go by the calendar alone. */
    public function moves(): bool
    {
        return array_filter($this->clauses(), static fn (Condition $c): bool => $c->field->moves()) !== [];
    }

    /**
     * Why goods stand there or not: each clause, and whether it holds.
     *
     * @return list<array{clause: Condition, holds: bool}>
     */
    public function why(Goods $goods): array
    {
        return array_map(
            static fn (Condition $c): array => ['clause' => $c, 'holds' => $c->holds($goods)],
            $this->clauses(),
        );
    }
}
