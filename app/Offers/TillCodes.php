<?php

declare(strict_types=1);

namespace WindowStall\Offers;

use WindowStall\Core\Basket\Codes\Allotment;

/** What codes take off a basket, and which of those typed don't count, with a sentence each. */
final readonly class TillCodes
{
    /**
     * @param  array<int, array{typed: string, words: string}>  $used  by code: as it was typed, "" by itself
     * @param  array<string, string>  $refused  as it was typed → why it doesn't count, for the shopper
     */
    public function __construct(public Allotment $allotment, public array $used, public array $refused)
    {
    }

    public static function none(): self
    {
        return new self(Allotment::none(), [], []);
    }

    public function off(): int
    {
        return array_sum($this->allotment->lines);
    }
}
