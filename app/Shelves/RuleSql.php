<?php

declare(strict_types=1);

namespace WindowStall\Shelves;

use WindowStall\Core\Shelves\Condition;
use WindowStall\Core\Shelves\ConditionGroup;
use WindowStall\Core\Shelves\Joined;
use WindowStall\Core\Shelves\Rule;
use WindowStall\Core\Shelves\ShelfField;
use WindowStall\Support\PgArray;

/**
 * A rule as a condition on rows of goods_facts (named "facts"), which is never null; a test holds it together with
 * {@see Rule::holds()}.
 */
final class RuleSql
{
    /** @var list<string|int> what stands for the question marks, in their order */
    public array $bindings = [];

    public string $condition;

    /** @param  Rule|null  $rule  that of a shelf picked by hand fits nothing */
    public function __construct(?Rule $rule)
    {
        $this->condition = $rule === null || $rule->parts === []
            ? 'false'
            : $this->joined(
                $rule->joined,
                array_map(
                    fn (Condition|ConditionGroup $p): string => $p instanceof ConditionGroup
                        ? $this->joined($p->joined, array_map($this->clause(...), $p->clauses))
                        : $this->clause($p),
                    $rule->parts,
                ),
            );
    }

    /** @param  list<string>  $conditions */
    private function joined(Joined $joined, array $conditions): string
    {
        return match (true) {
            $conditions === [] => $joined === Joined::All ? 'true' : 'false',
            default => '('.implode($joined === Joined::All ? ' AND ' : ' OR ', $conditions).')',
        };
    }

    private function clause(Condition $clause): string
    {
        $condition = match ($clause->field) {
            ShelfField::Tag => $this->shares('facts.tags_low', $clause->names),
            ShelfField::Option => $this->shares('facts.options_low', $clause->names),
            ShelfField::Type => $this->among('facts.type_low', $clause->names),
            ShelfField::Supplier => $this->suppliers($clause->names),
            ShelfField::PostedFrom => $this->posted($clause->names),
            ShelfField::Price => $this->lies('facts.price_minor', $clause),
            ShelfField::Keep => $this->lies('facts.keep_minor', $clause),
            ShelfField::Margin => $this->lies('facts.margin_bp', $clause),
            ShelfField::Stock => $this->lies('facts.stock', $clause),
            ShelfField::New => $this->since('facts.shown_since', (int) $clause->to),
            ShelfField::Sold => $this->since('facts.sold_at', (int) $clause->to),
            ShelfField::Days => $this->lies('facts.days_max', $clause),
            ShelfField::Buyable => 'facts.buyable',
            ShelfField::Printed => 'facts.printed',
            ShelfField::Was => 'facts.was',
        };

        return ($clause->not ? 'NOT ' : '').'COALESCE('.$condition.', false)';
    }

    private function lies(string $column, Condition $clause): string
    {
        $parts = ['true'];
        if ($clause->from !== null) {
            $parts[] = $column.' >= ?';
            $this->bindings[] = $clause->from;
        }
        if ($clause->to !== null) {
            $parts[] = $column.' <= ?';
            $this->bindings[] = $clause->to;
        }

        return '('.implode(' AND ', $parts).' AND '.$column.' IS NOT NULL)';
    }

    /** Whole days since: on the last of them it still holds. */
    private function since(string $column, int $days): string
    {
        $this->bindings[] = $days + 1;

        return $column.' > now()::timestamp - make_interval(days => ?)';
    }

    /** @param  list<string>  $names */
    private function shares(string $column, array $names): string
    {
        $this->bindings[] = PgArray::texts(array_map(mb_strtolower(...), $names));

        return $column.' && ?::text[]';
    }

    /** @param  list<string>  $names */
    private function among(string $column, array $names): string
    {
        $this->bindings[] = PgArray::texts(array_map(mb_strtolower(...), $names));

        return $column.' = ANY (?::text[])';
    }

    /** @param  list<string>  $keys */
    private function suppliers(array $keys): string
    {
        $this->bindings[] = PgArray::numbers(
            array_map(intval(...), array_values(array_filter($keys, static fn ($k): bool => ctype_digit($k)))),
        );

        return 'facts.suppliers && ?::bigint[]';
    }

    /** @param  list<string>  $countries */
    private function posted(array $countries): string
    {
        $this->bindings[] = PgArray::texts(array_map(mb_strtoupper(...), $countries));

        return 'facts.posted_from && ?::text[]';
    }
}
