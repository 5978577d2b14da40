<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use WindowStall\Core\Policies\Withdrawal;
use WindowStall\Stall\Stall;
use WindowStall\Window\Policies\Particulars;

/** Who runs the stall and how it takes things back. */
final readonly class ParticularsView
{
    /** @param  int  $leastDays  that the law gives shoppers for cancelling; 0 where it gives none */
    public function __construct(
        public string $trader,
        public string $street,
        public string $town,
        public string $postcode,
        public string $country,
        public string $email,
        public string $phone,
        public string $register,
        public string $taxNumber,
        public string $returnDays,
        public string $returnBy,
        public string $keepYears,
        public int $leastDays,
    ) {
    }

    public static function of(Stall $stall): self
    {
        $p = Particulars::of($stall);

        return new self(
            trader: (string) $p->trader,
            street: (string) $p->street,
            town: (string) $p->town,
            postcode: (string) $p->postcode,
            country: Stall::countryName($stall->country),
            email: (string) $p->email,
            phone: (string) $p->phone,
            register: (string) $p->register,
            taxNumber: (string) $p->tax_number,
            returnDays: (string) $p->return_days,
            returnBy: (string) $p->return_by,
            keepYears: (string) $p->keep_years,
            leastDays: Withdrawal::leastDays($stall->country),
        );
    }
}
