<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

use WindowStall\Runs\Views\RunView;

/** The grid's rows as they stand after an edit, and the step it is. */
final readonly class GridAnswerView
{
    /**
     * @param  list<GridRowView>  $rows
     * @param  int|null  $change  null where nothing differed
     * @param  RunView|null  $run  which does it, where there are many
     */
    public function __construct(public array $rows, public ?int $change, public string $words, public ?RunView $run)
    {
    }
}
