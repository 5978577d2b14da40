<?php

declare(strict_types=1);

namespace WindowStall\Shelves;

use WindowStall\Core\Shelves\Clause;
use WindowStall\Core\Shelves\Field;
use WindowStall\Core\Shelves\Group;
use WindowStall\Core\Shelves\Joined;
use WindowStall\Core\Shelves\Rule;
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
                    fn (Clause|Group $p): string => $p instanceof Group
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

    private function clause(Clause $clause): string
    {
        $condition = match ($clause->field) {
            Field::Tag => $this->shares('facts.tags_low', $clause->names),
            Field::Option => $this->shares('facts.options_low', $clause->names),
            Field::Type => $this->among('facts.type_low', $clause->names),
            Field::Supplier => $this->suppliers($clause->names),
            Field::PostedFrom => $this->posted($clause->names),
            Field::Price => $this->lies('facts.price_minor', $clause),
            Field::Keep => $this->lies('facts.keep_minor', $clause),
            Field::Margin => $this->lies('facts.margin_bp', $clause),
            Field::Stock => $this->lies('facts.stock', $clause),
            Field::New => $this->since('facts.shown_since', (int) $clause->to),
            Field::Sold => $this->since('facts.sold_at', (int) $clause->to),
            Field::Days => $this->lies('facts.days_max', $clause),
            Field::Buyable => 'facts.buyable',
            Field::Printed => 'facts.printed',
            Field::Was => 'facts.was',
        };

        return ($clause->not ? 'NOT ' : '').'COALESCE('.$condition.', false)';
    }

    private function lies(string $column, Clause $clause): string
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
