<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use WindowStall\Window\Sections\Field;

/** One setting as the editor asks for it. */
final readonly class FieldView
{
    /** @param  list<ChoiceView>  $choices */
    public function __construct(public string $name, public string $label, public string $type, public int $most, public array $choices)
    {
    }

    public static function of(Field $field): self
    {
        return new self($field->name, $field->label, $field->type, $field->most, array_map(static fn (int|string $value, string $label): ChoiceView => new ChoiceView((string) $value, $label), array_keys($field->choices), $field->choices));
    }
}
