<?php

declare(strict_types=1);

namespace WindowStall\Core\Window;

/** What mends a finding, as one change to the page. */
final readonly class AuditMend
{
    private function __construct(
        public string $words,
        public string $do,
        public string $section,
        public string $field = '',
        public ?int $row = null,
        public string|int|null $value = null,
        public string $part = '',
    ) {
    }

    /** Moves the section to stand right behind another. */
    public static function moveBehind(string $words, string $section, string $other): self
    {
        return new self($words, 'move-behind', $section, value: $other);
    }

    public static function hide(string $words, string $section): self
    {
        return new self($words, 'hide', $section);
    }

    /** Says something else in a field; null says nothing there. */
    public static function say(string $words, string $section, string $field, ?string $value): self
    {
        return new self($words, 'say', $section, $field, value: $value);
    }

    /**
     * Says something else in one part of a row of a list.
     *
     * @param  int  $row  from 0
     */
    public static function sayInRow(
        string $words,
        string $section,
        string $field,
        int $row,
        string $part,
        string $value,
    ): self {
        return new self($words, 'say', $section, $field, $row, $value, $part);
    }

    /** Lays a new section of a kind behind another; at the beginning where that is null. */
    public static function lay(string $words, string $kind, ?string $other): self
    {
        return new self($words, 'lay', $kind, value: $other);
    }

    /** Opens the section's note at a field: what is missing there only a person can say. */
    public static function open(string $words, string $section, string $field = ''): self
    {
        return new self($words, 'open', $section, $field);
    }

    /**
     * Takes a row out of a list.
     *
     * @param  int  $row  from 0
     */
    public static function takeOut(string $words, string $section, string $field, int $row): self
    {
        return new self($words, 'take-out', $section, $field, $row);
    }
}
