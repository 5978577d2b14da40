<?php

declare(strict_types=1);

namespace WindowStall\Core\Policies;

use WindowStall\Core\Delivery\DayRange;

/** How a stall is set up, as far as its policies tell of it. */
final readonly class PolicyFacts
{
    /**
     * @param  string|null  $trader  the person or company that sells
     * @param  string  $country  where that is, by name
     * @param  bool  $byLaw  whether the law there gives shoppers a right to cancel ({@see Withdrawal})
     * @param  list<string>  $sendsTo  countries by name
     * @param  list<string>  $postsFrom  countries by name; of all that is in the window
     * @param  DayRange|null  $days  from order to door, of all that is in the window; null where it isn't known
     * @param  string|null  $delivery  what it costs, as shoppers read it; null where it costs nothing
     * @param  string|null  $freeOver  from where on it costs nothing
     * @param  int  $promiseDays  working days after which an order is late
     * @param  string|null  $returnBy  "shopper" or "stall" pays for sending back
     * @param  bool  $letters  whether shoppers can sign up for letters
     * @param  bool  $form  whether they can write on a page of the shop
     * @param  array<string, string>  $besides  what the seller adds, by kind
     */
    public function __construct(
        public string $shop,
        public ?string $trader,
        public ?string $street,
        public ?string $town,
        public ?string $postcode,
        public string $country,
        public ?string $email,
        public ?string $phone,
        public ?string $register,
        public ?string $taxNumber,
        public bool $byLaw,
        public array $sendsTo,
        public array $postsFrom,
        public ?DayRange $days,
        public ?string $delivery,
        public ?string $freeOver,
        public int $promiseDays,
        public bool $taxOnTop,
        public bool $printed,
        public ?int $returnDays,
        public ?string $returnBy,
        public ?int $keepYears,
        public bool $letters,
        public bool $form,
        public array $besides = [],
    ) {
    }
}
