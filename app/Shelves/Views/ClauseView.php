<?php

declare(strict_types=1);

namespace WindowStall\Shelves\Views;

use WindowStall\Core\Shelves\Condition;
use WindowStall\Core\Shelves\RuleNotation;
use WindowStall\Core\Shelves\RuleWords;

/** One clause of a rule, as it is written and as it is read. */
final readonly class ClauseView
{
    /** @param  list<string>  $names */
    public function __construct(
        public string $field,
        public string $asks,
        public bool $not,
        public array $names,
        public string $from,
        public string $to,
        public string $words,
    ) {
    }

    public static function of(Condition $clause, RuleNotation $notation, RuleWords $words): self
    {
        return new self(
            field: $clause->field->value,
            asks: $clause->field->asks()->value,
            not: $clause->not,
            names: $clause->names,
            from: (string) $notation->figure($clause->field, $clause->from),
            to: (string) $notation->figure($clause->field, $clause->to),
            words: $words->clause($clause),
        );
    }
}
