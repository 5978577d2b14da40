<?php

declare(strict_types=1);

namespace WindowStall\Source\Views;

/** Which part of the file is read, and how. */
final readonly class MappingSourceView
{
    /**
     * @param  list<string>  $parts  sheets or lists of the file that goods could stand in; [] where there is no choice
     * @param  string  $part  the one that is read
     * @param  TableReadingView|null  $reading  how a table is read; null where the file is none
     */
    public function __construct(
        public string $about,
        public int $rows,
        public array $parts,
        public string $part,
        public ?TableReadingView $reading,
    ) {
    }
}
