<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

/** A place where shoppers meet the seller's words. */
final readonly class PhraseRoomView
{
    /**
     * @param  int  $missing  of those how many shoppers read in the seller's language still
     * @param  int  $drafted  of the missing how many there is a draft of
     */
    public function __construct(public string $room, public string $heading, public int $phrases, public int $missing, public int $drafted)
    {
    }
}
