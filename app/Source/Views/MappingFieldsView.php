<?php

declare(strict_types=1);

namespace WindowStall\Source\Views;

/** What a column may mean. */
final readonly class MappingFieldsView
{
    /**
     * @param  array<string, string>  $words  field → what it means
     * @param  list<string>  $many  fields that several columns may mean
     */
    public function __construct(
        public array $words,
        public array $many,
    ) {
    }
}
