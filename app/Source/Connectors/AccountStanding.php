<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors;

use WindowStall\Core\Money\Money;

/** How a stall's account with a supplier stands. */
final readonly class AccountStanding
{
    /**
     * @param  Money|null  $balance  paid in and not used yet; null where it is sent bills
     * @param  int|null  $mostPieces  that one order may have
     * @param  array<string, list<array{pieces: int, left: int, cost: Money}>>  $ahead  pieces bought ahead that it keeps, by its
     *                                                                              variant
     */
    public function __construct(public ?Money $balance, public ?int $mostPieces, public array $ahead)
    {
    }
}
