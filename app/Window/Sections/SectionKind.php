<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections;

use WindowStall\Shop\ShopGoods;

/**
 * A kind of homepage section: its settings, what it shows, and its template resources/shop/sections/KEY.blade.php.
 * A new kind is a class here, a template there, and a line in {@see SectionKinds}.
 */
abstract class SectionKind
{
    abstract public function key(): string;

    abstract public function label(): string;

    /** @return list<Field> */
    abstract public function fields(): array;

    /**
     * What the template needs besides the settings.
     *
     * @param  array<string, mixed>  $settings
     * @return array<string, mixed>
     */
    public function data(array $settings, ShopGoods $goods): array
    {
        return [];
    }

    /**
     * A few words of what it says, for the list of sections.
     *
     * @param  array<string, mixed>  $settings
     */
    abstract public function summary(array $settings): string;

    /**
     * @param  array<mixed>  $typed
     * @return array<string, mixed> every field, checked
     */
    public function clean(array $typed): array
    {
        $settings = [];
        foreach ($this->fields() as $field) {
            $settings[$field->name] = array_key_exists($field->name, $typed) ? $field->clean($typed[$field->name]) : $field->default;
        }

        return $settings;
    }
}
