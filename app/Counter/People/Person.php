<?php

declare(strict_types=1);

namespace WindowStall\Counter\People;

use Illuminate\Support\Carbon;

/** Somebody who bought, by all of their paid orders. Whoever writes their mail address otherwise large or small is the same. */
final readonly class Person
{
    /**
     * @param  int  $id  of their first order
     * @param  string  $email  in small letters
     * @param  int  $spent  less what went back, minor units of the stall's currency
     */
    public function __construct(
        public int $id,
        public string $email,
        public string $name,
        public string $town,
        public int $orders,
        public int $spent,
        public Carbon $firstAt,
        public Carbon $lastAt,
    ) {
    }
}
