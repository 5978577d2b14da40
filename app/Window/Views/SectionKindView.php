<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use WindowStall\Window\Sections\Field;
use WindowStall\Window\Sections\SectionKind;
use WindowStall\Window\Sections\SectionKinds;

/** A kind of section that can be added, and the form of its settings. */
final readonly class KindView
{
    /**
     * @param  list<FieldView>  $fields
     * @param  array<string, mixed>  $defaults
     */
    public function __construct(public string $key, public string $label, public array $fields, public array $defaults)
    {
    }

    /** @return list<self> */
    public static function all(): array
    {
        return array_map(static fn (SectionKind $k): self => new self($k->key(), $k->label(), array_map(static fn (Field $f): FieldView => FieldView::of($f), $k->fields()), $k->clean([])), SectionKinds::all());
    }
}
