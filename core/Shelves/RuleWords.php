<?php

declare(strict_types=1);

namespace WindowStall\Core\Shelves;

use WindowStall\Core\Words\Plural;

/** A rule as a sentence reads it: "tagged peas or beans", "with you within 7 days". */
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

    public function rule(Rule $rule): string
    {
        if ($rule->parts === []) {
            return 'goods that nobody has described yet';
        }
        $parts = array_map(
            fn (Clause|Group $p): string => $p instanceof Group
                ? $p->joined->words().' ('.implode(', ', array_map($this->clause(...), $p->clauses)).')'
                : $this->clause($p),
            $rule->parts,
        );

        return count($parts) === 1 ? 'goods '.$parts[0] : 'goods '.$rule->joined->words().': '.implode(', ', $parts);
    }

    public function clause(Clause $clause): string
    {
        $names = fn (): string => self::either(array_map(
            fn (string $name): string => $this->name($clause->field, $name),
            $clause->names,
        ));
        $span = fn (): string => $this->span($clause);
        $days = Plural::of((int) $clause->to, 'day');
        $said = match ($clause->field) {
            Field::Tag => 'tagged '.$names(),
            Field::Type => 'of type '.$names(),
            Field::Supplier => 'from '.$names(),
            Field::Price => 'asking '.$span(),
            Field::Keep => 'keeping '.$span(),
            Field::Margin => 'with a margin of '.$span(),
            Field::Stock => 'with '.$span().' in stock',
            Field::Buyable => $clause->not ? 'that can’t be bought now' : 'that can be bought now',
            Field::New => 'new within '.$days,
            Field::Sold => 'sold within '.$days,
            Field::Option => 'to be had in '.$names(),
            Field::Printed => $clause->not ? 'resold' : 'printed to order',
            Field::PostedFrom => 'posted from '.$names(),
            Field::Days => 'with you within '.$days,
            Field::Was => ($clause->not ? 'without' : 'with').' a was-price',
        };

        return $clause->not && $clause->field->asks() !== Asks::Nothing ? 'not '.$said : $said;
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
