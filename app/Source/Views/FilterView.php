<?php

declare(strict_types=1);

namespace WindowStall\Source\Views;

/** One filter of the search and its choices. */
final readonly class FilterView
{
    /**
     * @param  bool  $many  whether several choices may stand at once
     * @param  list<FilterChoiceView>  $choices
     */
    public function __construct(public string $key, public string $label, public bool $many, public array $choices)
    {
    }
}
