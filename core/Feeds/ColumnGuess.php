<?php

declare(strict_types=1);

namespace WindowStall\Core\Feeds;

/** What a column probably means, how sure that is, and why. */
final readonly class ColumnGuess
{
    /**
     * @param  FeedField|null  $field  null: nothing that is needed
     * @param  int  $confidence  0 to 100
     * @param  string  $why  in words for the seller
     */
    public function __construct(public string $column, public ?FeedField $field, public int $confidence, public string $why)
    {
    }
}
