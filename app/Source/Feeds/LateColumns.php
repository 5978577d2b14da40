<?php

declare(strict_types=1);

namespace WindowStall\Source\Feeds;

/** Columns of records that none of the first ones had; they are told of, and are among the columns from then on. */
final class LateColumns
{
    /** So many are told of. */
    private const MOST = 40;

    /** @var array<string, int> name → the row it first stands in */
    private array $met = [];

    /** @param  array<string, mixed>  $unknown  what a row has besides the columns */
    public function met(array $unknown, int $row): void
    {
        foreach (array_keys($unknown) as $name) {
            if (count($this->met) < self::MOST) {
                $this->met[(string) $name] ??= $row;
            }
        }
    }

    /** @return array<string, int> */
    public function all(): array
    {
        return $this->met;
    }
}
