<?php

declare(strict_types=1);

namespace WindowStall\Counter\Papers;

/** What is written for the books about an order. */
enum PaperKind: string
{
    case Invoice = 'invoice';
    case Credit = 'credit';

    /** "2026-0012", "C2026-0003", "0000-0001" of a rehearsal: one row of numbers for each kind and year. */
    public function numbered(int $year, int $number): string
    {
        return sprintf('%s%04d-%04d', $this === self::Credit ? 'C' : '', $year, $number);
    }
}
