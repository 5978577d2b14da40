<?php

declare(strict_types=1);

namespace WindowStall\Counter\Views;

use WindowStall\Core\Money\Money;
use WindowStall\Counter\People\Person;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;
use WindowStall\Support\Views\MoneyView;

/** Somebody who bought. */
final readonly class BuyerView
{
    /**
     * @param  int  $id  of their first order
     * @param  string  $came  "bought once", "came back twice"
     * @param  MoneyView|null  $kept  what all of that kept; null in lists
     */
    public function __construct(
        public int $id,
        public string $name,
        public string $town,
        public string $email,
        public string $came,
        public MoneyView $spent,
        public ?MoneyView $kept,
        public string $first,
        public string $last,
    ) {
    }

    public static function of(Stall $stall, Person $person, ?Money $kept = null): self
    {
        $clock = Clock::of($stall);

        return new self(
            id: $person->id,
            name: $person->name,
            town: $person->town,
            email: $person->email,
            came: match ($person->orders) {
                1 => 'bought once',
                2 => 'came back once',
                3 => 'came back twice',
                default => sprintf('came back %d times', $person->orders - 1),
            },
            spent: MoneyView::of($stall->money($person->spent)),
            kept: MoneyView::ofNullable($kept),
            first: $clock->day($person->firstAt),
            last: $clock->day($person->lastAt),
        );
    }
}
