<?php

declare(strict_types=1);

namespace WindowStall\Core\Shelves;

use WindowStall\Core\Words\Plural;

/** A rule as a person says it: "Goods that are tagged peas or beans, and are with you within 7 days". */
final readonly class RuleWords
{
    /**
     * @param  array<int|string, string>  $suppliers  key → name
     * @param  array<string, string>  $countries  code → name
     */
    public function __construct(
        private RuleNotation $notation,
        private string $sign,
        private array $suppliers,
        private array $countries,
    ) {
    }

    /** "Goods that can be bought now, cost £45.00 or less, and are tagged gift or are of type Labels" */
    public function rule(Rule $rule): string
    {
        if ($rule->parts === []) {
            return 'Goods that nobody has described yet';
        }
        $parts = array_map(
            fn (Clause|Group $p): string => $p instanceof Group
                ? self::joined(array_map($this->clause(...), $p->clauses), $p->joined, within: true)
                : $this->clause($p),
            $rule->parts,
        );

        return 'Goods that '.self::joined($parts, $rule->joined);
    }

    /** What a clause asks, said of goods: "are tagged peas or beans", "cost £45.00 or less". */
    public function clause(Clause $clause): string
    {
        $names = fn (): string => self::either(array_map(
            fn (string $name): string => $this->name($clause->field, $name),
            $clause->names,
        ));
        $span = fn (): string => $this->span($clause);
        $days = Plural::of((int) $clause->to, 'day');
        $are = $clause->not ? 'aren’t ' : 'are ';
        $do = static fn (string $verb): string => $clause->not ? 'don’t '.$verb.' ' : $verb.' ';

        return match ($clause->field) {
            Field::Tag => $are.'tagged '.$names(),
            Field::Type => $are.'of type '.$names(),
            Field::Supplier => $do('come').'from '.$names(),
            Field::Price => $do('cost').$span(),
            Field::Keep => $do('keep').$span(),
            Field::Margin => $do('leave').'a margin of '.$span(),
            Field::Stock => $do('have').$span().' in stock',
            Field::Buyable => $clause->not ? 'can’t be bought now' : 'can be bought now',
            Field::New => ($clause->not ? 'haven’t come' : 'came').' into the window within '.$days,
            Field::Sold => ($clause->not ? 'weren’t' : 'were').' sold within '.$days,
            Field::Option => ($clause->not ? 'can’t' : 'can').' be had in '.$names(),
            Field::Printed => $clause->not ? 'aren’t printed to order' : 'are printed to order',
            Field::PostedFrom => $are.'posted from '.$names(),
            Field::Days => $are.'with you within '.$days,
            Field::Was => $do('have').'a was-price',
        };
    }

    /** @param  list<string>  $parts */
    private static function joined(array $parts, Joined $joined, bool $within = false): string
    {
        $last = array_pop($parts);
        $word = $joined === Joined::All ? 'and' : 'or';
        // Parts that hold several of their own are kept apart by a comma.
        $comma = ! $within && ($joined === Joined::All || count($parts) > 1);

        return $parts === [] ? (string) $last : implode(', ', $parts).($comma ? ', ' : ' ').$word.' '.$last;
    }

    /** What goods have of that which a clause asks: "asks 12.50", "tagged peas". */
    public function had(Field $field, Goods $goods): string
    {
        $figure = fn (?int $n): string => $n === null ? '' : $this->unit($field, $n);
        $ago = static fn (?int $n): string => $n === null ? '' : Plural::of($n, 'day').' ago';
        $had = match ($field) {
            Field::Tag => $this->names($field, $goods->tags),
            Field::Type => $goods->type,
            Field::Supplier => $this->names($field, $goods->suppliers),
            Field::Price => $figure($goods->price),
            Field::Keep => $figure($goods->keep),
            Field::Margin => $figure($goods->marginBp),
            Field::Stock => $figure($goods->stock),
            Field::Buyable => $goods->buyable ? 'can be bought' : 'can’t be bought',
            Field::New => $ago($goods->newDays),
            Field::Sold => $ago($goods->soldDays),
            Field::Option => $this->names($field, $goods->options),
            Field::Printed => $goods->printed ? 'printed' : 'resold',
            Field::PostedFrom => $this->names($field, $goods->postedFrom),
            Field::Days => $goods->days === null ? '' : Plural::of($goods->days, 'day'),
            Field::Was => $goods->was ? 'has one' : 'has none',
        };

        return $had !== '' ? $had : match ($field) {
            Field::Sold => 'never sold',
            Field::New => 'never in the window',
            default => 'none',
        };
    }

    /** @param  list<string>  $names */
    private function names(Field $field, array $names): string
    {
        return implode(', ', array_map(fn (string $name): string => $this->name($field, $name), $names));
    }

    private function name(Field $field, string $name): string
    {
        return match ($field) {
            Field::Supplier => $this->suppliers[$name] ?? 'a supplier who is gone',
            Field::PostedFrom => $this->countries[$name] ?? $name,
            default => $name,
        };
    }

    private function span(Clause $clause): string
    {
        return match (true) {
            $clause->from === null => $this->unit($clause->field, (int) $clause->to).' or less',
            $clause->to === null => $this->unit($clause->field, $clause->from).' or more',
            default => $this->unit($clause->field, $clause->from).' to '.$this->unit($clause->field, $clause->to),
        };
    }

    private function unit(Field $field, int $figure): string
    {
        $text = (string) $this->notation->figure($field, abs($figure));

        return ($figure < 0 ? '−' : '').match ($field) {
            Field::Price, Field::Keep => $this->sign.$text,
            Field::Margin => $text.'%',
            Field::Stock => Plural::of($figure, 'piece'),
            default => $text,
        };
    }

    /** @param  list<string>  $names */
    private static function either(array $names): string
    {
        $last = array_pop($names);

        return $names === [] ? (string) $last : implode(', ', $names).' or '.$last;
    }
}
