<?php

declare(strict_types=1);

namespace WindowStall\Source\Feeds;

/** How a table is read where a person says so; what is null the file itself shows. */
final readonly class TableReading
{
    /** What parts cells, and what it is called. */
    public const DELIMITERS = [
        ';' => 'semicolons',
        ',' => 'commas',
        "\t" => 'tabs',
        '|' => 'bars',
        '~' => 'tildes',
        '^' => 'carets',
    ];

    /** Without a mark at its start a file is in one of these. */
    public const ENCODINGS = ['UTF-8', 'Windows-1252'];

    /** The last row that can name the columns. */
    public const LAST_HEAD = 40;

    /**
     * @param  non-empty-string|null  $delimiter  one byte
     * @param  int|null  $head  the row that names the columns, from 1; 0 where none does
     */
    public function __construct(
        public ?string $delimiter = null,
        public ?string $encoding = null,
        public ?int $head = null,
    ) {
    }

    /** What is no way of reading counts for nothing. */
    public static function of(mixed $said): self
    {
        $said = is_array($said) ? $said : [];
        // A form says what it is called: a tab alone would be trimmed away.
        $delimiter = array_search($said['delimiter'] ?? null, self::DELIMITERS, true) ?: $said['delimiter'] ?? null;
        $head = $said['head'] ?? null;

        return new self(
            is_string($delimiter) && isset(self::DELIMITERS[$delimiter]) ? $delimiter : null,
            in_array($said['encoding'] ?? null, self::ENCODINGS, true) ? $said['encoding'] : null,
            is_numeric($head) && $head >= 0 && $head <= self::LAST_HEAD ? (int) $head : null,
        );
    }

    /** @return array{delimiter: non-empty-string|null, encoding: string|null, head: int|null} */
    public function toArray(): array
    {
        return ['delimiter' => $this->delimiter, 'encoding' => $this->encoding, 'head' => $this->head];
    }
}
