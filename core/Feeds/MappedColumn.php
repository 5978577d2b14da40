<?php

declare(strict_types=1);

namespace WindowStall\Core\Feeds;

/** One column of a file and what it means. */
final readonly class MappedColumn
{
    /** @param  string  $name  as the file's first row has it; for an option also the option's name */
    public function __construct(public string $name, public FeedField $field)
    {
    }
}
