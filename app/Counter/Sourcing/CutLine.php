<?php

declare(strict_types=1);

namespace WindowStall\Counter\Sourcing;

use Illuminate\Database\Eloquent\Collection;
use WindowStall\Counter\OrderLine;

/** Cuts lines of an order in two where its supplier takes only so many pieces at once: amounts and pieces add up as before. */
final class CutLine
{
    /**
     * @param  Collection<int, OrderLine>  $lines
     * @param  array<int, int>  $portion  pieces by line
     * @return Collection<int, OrderLine> the lines of just that portion
     */
    public static function into(Collection $lines, array $portion): Collection
    {
        $part = new Collection;
        foreach ($portion as $id => $pieces) {
            $line = $lines->firstOrFail('id', $id);
            // The last cut keeps the line itself, and with it what rounding left.
            $part->push($pieces < $line->toSend() ? self::off($line, $pieces) : $line);
        }

        return $part;
    }

    /** A line of its own with so many of its pieces. */
    private static function off(OrderLine $line, int $pieces): OrderLine
    {
        $share = static fn (int $minor): int => intdiv($minor * $pieces, $line->quantity);
        $total = $line->total_minor;
        $cut = $line->replicate();
        $cut->fill([
            'quantity' => $pieces,
            'withdrawn' => 0,
            'discount_minor' => $share($line->discount_minor),
            'total_minor' => $total === null ? null : $share($total),
        ])->save();
        $line->update([
            'quantity' => $line->quantity - $pieces,
            'discount_minor' => $line->discount_minor - $cut->discount_minor,
            'total_minor' => $total === null ? null : $total - (int) $cut->total_minor,
        ]);

        return $cut;
    }
}
