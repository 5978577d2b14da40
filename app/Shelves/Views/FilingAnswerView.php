<?php

declare(strict_types=1);

namespace WindowStall\Shelves\Views;

/** The tags and types there are, and what was just done to one of them. */
final readonly class FilingAnswerView
{
    /**
     * @param  list<FilingView>  $names
     * @param  bool  $more  whether there are more than are named
     * @param  int|null  $change  the step that can be taken back
     */
    public function __construct(public array $names, public bool $more, public ?int $change, public string $words)
    {
    }
}
