<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections;

use WindowStall\Support\Refusal;
use WindowStall\Window\Goods\WindowGoods;
use WindowStall\Window\Plan;

/**
 * A kind of section: what it is asked, its sentence, and what its template needs. Its template stands under
 * resources/shop/sections by its key; {@see SectionKinds} finds the class by itself.
 */
abstract class SectionKind
{
    abstract public function key(): string;

    abstract public function label(): string;

    /** @return list<SectionField> */
    abstract public function fields(): array;

    /**
     * How it is set, as a sentence: names of fields in braces are edited where they stand.
     *
     * @param  array<string, mixed>  $settings
     */
    abstract public function sentence(array $settings): string;

    /**
     * What it says or shows in a few words.
     *
     * @param  array<string, mixed>  $settings
     */
    abstract public function summary(array $settings): string;

    /** Where it stands among the kinds that are offered. */
    abstract public function rank(): int;

    /**
     * What the template needs besides the settings.
     *
     * @param  array<string, mixed>  $settings
     * @return array<string, mixed>
     */
    public function data(array $settings, WindowGoods $goods): array
    {
        return [];
    }

    /**
     * The figure that matters, such as what it leads to.
     *
     * @param  array<string, mixed>  $settings
     * @param  array<string, mixed>  $data
     */
    public function figure(array $settings, array $data, WindowGoods $goods): string
    {
        return '';
    }

    /**
     * Why shoppers don't see it although it is on the page, or null where they do.
     *
     * @param  array<string, mixed>  $settings
     * @param  array<string, mixed>  $data
     */
    public function stays(array $settings, array $data): ?string
    {
        return null;
    }

    /**
     * What brings its words clear of a picture they cross: a field, what to say there, and the words on the button.
     *
     * @param  array<string, mixed>  $settings
     * @return array{field: string, value: string|null, words: string}|null
     */
    public function clears(array $settings): ?array
    {
        return null;
    }

    /** @return list<string> decisions of the look that stand in its own markup, not only in the stylesheet */
    public function wears(): array
    {
        return [];
    }

    /** The pages it can be laid on; null for all of them. */
    public function plan(): ?Plan
    {
        return $this->everywhere() ? Plan::Front : null;
    }

    /** Whether it stands on every page of the shop although it is laid on the front page. */
    public function everywhere(): bool
    {
        return false;
    }

    /** Whether goods stand in it or can be bought in it, whatever its settings are. */
    public function sells(): bool
    {
        return false;
    }

    /** Whether there is always exactly one. */
    public function always(): bool
    {
        return false;
    }

    /**
     * @param  array<mixed>  $typed
     * @return array<string, mixed> every field, checked
     */
    public function clean(array $typed): array
    {
        $settings = [];
        foreach ($this->fields() as $field) {
            $settings[$field->name] = array_key_exists($field->name, $typed)
                ? $field->clean($typed[$field->name])
                : $field->default;
        }

        return $settings;
    }

    /**
     * What was stored, perhaps by an earlier program: what can't be taken any more is as if it had never been said.
     *
     * @param  array<mixed>  $saved
     * @return array<string, mixed> every field
     */
    public function restore(array $saved): array
    {
        $settings = [];
        foreach ($this->fields() as $field) {
            try {
                $settings[$field->name] = array_key_exists($field->name, $saved)
                    ? $field->clean($saved[$field->name])
                    : $field->default;
            } catch (Refusal) {
                $settings[$field->name] = $field->default;
            }
        }

        return $settings;
    }
}
