<?php

declare(strict_types=1);

namespace WindowStall\Source\Feeds;

/** Picks by number from what stands in rising order. */
final class Picked
{
    /**
     * @template T
     *
     * @param  iterable<int, T>  $from
     * @param  iterable<int>  $numbers  rising
     * @return \Generator<int, T> those of the numbers, by number
     */
    public static function of(iterable $from, iterable $numbers): \Generator
    {
        $wanted = (static fn (): \Generator => yield from $numbers)();
        if (! $wanted->valid()) {
            return;
        }
        $next = $wanted->current();
        foreach ($from as $number => $value) {
            if ($number !== $next) {
                continue;
            }
            yield $number => $value;
            $wanted->next();
            if (! $wanted->valid()) {
                return;
            }
            $next = $wanted->current();
        }
    }
}
