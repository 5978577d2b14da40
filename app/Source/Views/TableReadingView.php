<?php

declare(strict_types=1);

namespace WindowStall\Source\Views;

use WindowStall\Source\Feeds\TableReading;

/** How a table is read: "" where the file itself is to show it. */
final readonly class TableReadingView
{
    /**
     * @param  string  $delimiter  what it is called, such as "tabs"
     * @param  string  $head  the row that names the columns; "0" where none does
     */
    public function __construct(public string $delimiter, public string $encoding, public string $head)
    {
    }

    public static function of(TableReading $reading): self
    {
        return new self(
            TableReading::DELIMITERS[$reading->delimiter ?? ''] ?? '',
            $reading->encoding ?? '',
            (string) $reading->head,
        );
    }
}
