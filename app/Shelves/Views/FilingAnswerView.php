<?php

declare(strict_types=1);

namespace WindowStall\Shelves\Views;

use WindowStall\Runs\Views\RunView;

/** The tags and types there are, and what was just done to one of them. */
final readonly class FilingAnswerView
{
    /**
     * @param  list<FilingView>  $names
     * @param  bool  $more  whether there are more than are named
     * @param  int|null  $change  the step that can be taken back
     * @param  RunView|null  $run  where so many have it that it goes on in the background
     */
    public function __construct(public array $names, public bool $more, public ?int $change, public string $words, public ?RunView $run)
    {
    }
}
