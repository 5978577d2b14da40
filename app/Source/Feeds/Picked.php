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
     * @param  iterable<int>  $numbers  rising; those that aren't there are passed over
     * @return \Generator<int, T> those of the numbers, by number
     */
    public static function of(iterable $from, iterable $numbers): \Generator
    {
        $wanted = (static fn (): \Generator => yield from $numbers)();
        foreach ($from as $number => $value) {
            while ($wanted->valid() && $wanted->current() < $number) {
                $wanted->next();
            }
            if (! $wanted->valid()) {
                return;
            }
            if ($wanted->current() === $number) {
                yield $number => $value;
            }
        }
    }
}
