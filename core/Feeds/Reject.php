<?php

declare(strict_types=1);

namespace WindowStall\Core\Feeds;

/** Why a row can't be used. */
final readonly class Reject
{
    /** @param  int  $row  as a person counts in the file, its header being row 1 */
    public function __construct(public int $row, public string $column, public string $value, public string $reason)
    {
    }
}
