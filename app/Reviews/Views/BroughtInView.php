<?php

declare(strict_types=1);

namespace WindowStall\Reviews\Views;

use WindowStall\Core\Words\Plural;

/** What bringing reviews in from a table came to. */
final readonly class BroughtInView
{
    /** @param  list<string>  $left  rows that weren't taken, each with why; the first of them */
    public function __construct(public string $words, public array $left)
    {
    }

    /** @param  array{new: int, again: int, left: list<array{row: int, why: string}>, refused: int}  $came */
    public static function of(array $came, string $source): self
    {
        $said = [sprintf('%s brought in from %s.', Plural::of($came['new'], 'review'), $source)];
        if ($came['again'] > 0) {
            $said[] = Plural::of($came['again'], 'was', 'were').' here already.';
        }
        if ($came['refused'] > 0) {
            $said[] = Plural::of($came['refused'], 'row').' left out.';
        }

        return new self(
            implode(' ', $said),
            array_map(static fn (array $one): string => sprintf('Row %d: %s', $one['row'], $one['why']), $came['left']),
        );
    }
}
