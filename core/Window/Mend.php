<?php

declare(strict_types=1);

namespace WindowStall\Core\Window;

/** What mends a finding, as one change to the page. */
final readonly class Mend
{
    private function __construct(
        public string $words,
        public string $do,
        public string $section,
        public string $field = '',
        public ?int $row = null,
        public string|int|null $value = null,
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

    /** Says something else in a field, or in the field of one row of a list. */
    public static function say(string $words, string $section, string $field, string $value, ?int $row = null): self
    {
        return new self($words, 'say', $section, $field, $row, $value);
    }

    /** Takes a row out of a list. */
    public static function takeOut(string $words, string $section, string $field, int $row): self
    {
        return new self($words, 'take-out', $section, $field, $row);
    }

    /** Takes goods out of those picked by hand. */
    public static function drop(string $words, string $section, string $field, int $good): self
    {
        return new self($words, 'drop', $section, $field, value: $good);
    }
}
