<?php

declare(strict_types=1);

namespace WindowStall\Core\Shelves;

/** Clauses within a rule that go together their own way. */
final readonly class ConditionGroup
{
    /** @param  list<Condition>  $clauses */
    public function __construct(public Joined $joined, public array $clauses)
    {
    }

    public function holds(Goods $goods): bool
    {
        return $this->joined->of(array_map(static fn (Condition $c): bool => $c->holds($goods), $this->clauses));
    }

    /** By De Morgan's laws. */
    public function negated(): self
    {
        return new self(
            $this->joined === Joined::All ? Joined::Any : Joined::All,
            array_map(static fn (Condition $c): Condition => $c->negated(), $this->clauses),
        );
    }
}
