<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

/** A place where shoppers meet the seller's words. */
final readonly class PhraseRoomView
{
    /**
     * @param  int  $missing  of those how many aren't said yet
     * @param  int  $drafted  of those how many nobody has looked at since the writing help made them
     */
    public function __construct(public string $room, public string $heading, public int $phrases, public int $missing, public int $drafted)
    {
    }
}
