<?php

declare(strict_types=1);

namespace WindowStall\Core\Policies;

use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Money\Money;

/** How a stall is set up, as far as its policies tell of it. */
final readonly class PolicyFacts
{
    /**
     * @param  string|null  $trader  the person or company that sells
     * @param  string  $country  where that is, ISO 3166-1
     * @param  bool  $byLaw  whether the law there gives shoppers a right to cancel ({@see Withdrawal})
     * @param  list<string>  $sendsTo  countries, ISO 3166-1
     * @param  list<string>  $postsFrom  likewise; of all that is in the window
     * @param  DayRange|null  $days  from order to door, of all that is in the window; null where it isn't known
     * @param  Money|null  $delivery  what it costs; nothing where that is 0, and null where it depends on what is bought
     * @param  Money|null  $freeOver  from where on it costs nothing
     * @param  int  $promiseDays  working days after which an order is late
     * @param  string|null  $returnBy  "shopper" or "stall" pays for sending back
     * @param  bool  $letters  whether shoppers can sign up for letters
     * @param  bool  $form  whether they can write on a page of the shop
     * @param  array<string, string>  $besides  what the seller adds, by kind
     * @param  bool  $speaks  whether the shop remembers which of its languages a shopper reads
     * @param  string  $scripts  whose scripts run beside the shop: "Tallymark and Adwright"; "" for nobody's
     * @param  bool  $grownUps  whether some goods are for grown-ups only
     * @param  bool  $halves  whether two versions of something are shown to halves of the shoppers
     * @param  bool  $asksPhone  whether a telephone number is asked for, for who brings a parcel
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
        public ?Money $delivery,
        public ?Money $freeOver,
        public int $promiseDays,
        public bool $taxOnTop,
        public bool $printed,
        public ?int $returnDays,
        public ?string $returnBy,
        public ?int $keepYears,
        public bool $letters,
        public bool $form,
        public array $besides = [],
        public bool $speaks = false,
        public bool $asksPhone = false,
        public bool $halves = false,
        public bool $grownUps = false,
        public string $scripts = '',
    ) {
    }
}
