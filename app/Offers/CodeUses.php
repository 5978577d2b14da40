<?php

declare(strict_types=1);

namespace WindowStall\Offers;

/** How often codes were used, as whoever keeps orders knows it: by orders that are paid, and by those being paid just now. */
interface CodeUses
{
    /**
     * @param  list<int>  $codes
     * @param  string  $butFor  a basket whose own order doesn't count while it isn't paid; "" for none
     * @return array<int, int> by code; those that weren't aren't there
     */
    public function of(array $codes, string $butFor = ''): array;

    /**
     * @param  list<int>  $codes
     * @return array<int, int> the same of one customer
     */
    public function by(string $email, array $codes, string $butFor = ''): array;

    /** Whether one of the single codes was used. */
    public function single(int $code, string $typed, string $butFor = ''): bool;

    /** Whether somebody has bought anything before. */
    public function bought(string $email): bool;
}
