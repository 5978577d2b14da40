<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use WindowStall\Window\Plan;
use WindowStall\Window\Sections\SectionField;
use WindowStall\Window\Sections\SectionKind;
use WindowStall\Window\Sections\SectionKinds;

/** A kind of section that can be laid on a page, and the parts of its sentence. */
final readonly class SectionKindView
{
    /**
     * @param  list<FieldView>  $fields
     * @param  array<string, mixed>  $defaults
     * @param  bool  $always  there is always exactly one
     */
    public function __construct(
        public string $key,
        public string $label,
        public array $fields,
        public array $defaults,
        public bool $always,
    ) {
    }

    /** @return list<self> those that can be laid there */
    public static function on(Plan $plan): array
    {
        return array_map(static fn (SectionKind $kind): self => new self(
            key: $kind->key(),
            label: $kind->label(),
            fields: array_map(static fn (SectionField $field): FieldView => FieldView::of($field), $kind->fields()),
            defaults: $kind->clean([]),
            always: $kind->always(),
        ), SectionKinds::on($plan));
    }
}
