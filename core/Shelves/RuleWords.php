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
            fn (Condition|ConditionGroup $p): string => $p instanceof ConditionGroup
                ? self::joined(array_map($this->clause(...), $p->clauses), $p->joined, within: true)
                : $this->clause($p),
            $rule->parts,
        );

        return 'Goods that '.self::joined($parts, $rule->joined);
    }

    /** What a clause asks, said of goods: "are tagged peas or beans", "cost £45.00 or less". */
    public function clause(Condition $clause): string
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
            ShelfField::Tag => $are.'tagged '.$names(),
            ShelfField::Type => $are.'of type '.$names(),
            ShelfField::Supplier => $do('come').'from '.$names(),
            ShelfField::Price => $do('cost').$span(),
            ShelfField::Keep => $do('keep').$span(),
            ShelfField::Margin => $do('leave').'a margin of '.$span(),
            ShelfField::Stock => $do('have').$span().' in stock',
            ShelfField::Buyable => $clause->not ? 'can’t be bought now' : 'can be bought now',
            ShelfField::New => ($clause->not ? 'haven’t come' : 'came').' into the window within '.$days,
            ShelfField::Sold => ($clause->not ? 'weren’t' : 'were').' sold within '.$days,
            ShelfField::Option => ($clause->not ? 'can’t' : 'can').' be had in '.$names(),
            ShelfField::Printed => $clause->not ? 'aren’t printed to order' : 'are printed to order',
            ShelfField::PostedFrom => $are.'posted from '.$names(),
            ShelfField::Days => $are.'with you within '.$days,
            ShelfField::Was => $do('have').'a was-price',
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
    public function had(ShelfField $field, Goods $goods): string
    {
        $figure = fn (?int $n): string => $n === null ? '' : $this->unit($field, $n);
        $ago = static fn (?int $n): string => $n === null ? '' : Plural::of($n, 'day').' ago';
        $had = match ($field) {
            ShelfField::Tag => $this->names($field, $goods->tags),
            ShelfField::Type => $goods->type,
            ShelfField::Supplier => $this->names($field, $goods->suppliers),
            ShelfField::Price => $figure($goods->price),
            ShelfField::Keep => $figure($goods->keep),
            ShelfField::Margin => $figure($goods->marginBp),
            ShelfField::Stock => $figure($goods->stock),
            ShelfField::Buyable => $goods->buyable ? 'can be bought' : 'can’t be bought',
            ShelfField::New => $ago($goods->newDays),
            ShelfField::Sold => $ago($goods->soldDays),
            ShelfField::Option => $this->names($field, $goods->options),
            ShelfField::Printed => $goods->printed ? 'printed' : 'resold',
            ShelfField::PostedFrom => $this->names($field, $goods->postedFrom),
            ShelfField::Days => $goods->days === null ? '' : Plural::of($goods->days, 'day'),
            ShelfField::Was => $goods->was ? 'has one' : 'has none',
        };

        return $had !== '' ? $had : match ($field) {
            ShelfField::Sold => 'never sold',
            ShelfField::New => 'never in the window',
            default => 'none',
        };
    }

    /** @param  list<string>  $names */
    private function names(ShelfField $field, array $names): string
    {
        return implode(', ', array_map(fn (string $name): string => $this->name($field, $name), $names));
    }

    private function name(ShelfField $field, string $name): string
    {
        return match ($field) {
            ShelfField::Supplier => $this->suppliers[$name] ?? 'a supplier who is gone',
            ShelfField::PostedFrom => $this->countries[$name] ?? $name,
            default => $name,
        };
    }

    private function span(Condition $clause): string
    {
        return match (true) {
            $clause->from === null => $this->unit($clause->field, (int) $clause->to).' or less',
            $clause->to === null => $this->unit($clause->field, $clause->from).' or more',
            default => $this->unit($clause->field, $clause->from).' to '.$this->unit($clause->field, $clause->to),
        };
    }

    private function unit(ShelfField $field, int $figure): string
    {
        $text = (string) $this->notation->figure($field, abs($figure));

        return ($figure < 0 ? '−' : '').match ($field) {
            ShelfField::Price, ShelfField::Keep => $this->sign.$text,
            ShelfField::Margin => $text.'%',
            ShelfField::Stock => Plural::of($figure, 'piece'),
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
