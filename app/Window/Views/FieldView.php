<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use WindowStall\Support\Views\ChoiceView;
use WindowStall\Window\Sections\SectionField;

/** One part of a section that is edited where it stands. */
final readonly class FieldView
{
    /**
     * @param  list<ChoiceView>  $choices
     * @param  string|int|null  $begin  what a new row has there
     * @param  list<FieldView>  $each  what a row is made of
     */
    public function __construct(
        public string $name,
        public string $label,
        public string $type,
        public int $most,
        public array $choices,
        public string|int|null $begin,
        public array $each,
    ) {
    }

    public static function of(SectionField $field): self
    {
        return new self(
            name: $field->name,
            label: $field->label,
            type: $field->type,
            most: $field->most,
            choices: ChoiceView::from($field->choices),
            begin: is_string($field->default) || is_int($field->default) ? $field->default : null,
            each: array_map(self::of(...), $field->each),
        );
    }
}
