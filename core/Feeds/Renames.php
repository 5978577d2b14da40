<?php

declare(strict_types=1);

namespace WindowStall\Core\Feeds;

/** What became of a saved mapping's columns in a newer file. */
final readonly class Renames
{
    /**
     * @param  array<string, string>  $found  old name → new name
     * @param  list<MappedColumn>  $lost  columns that are gone, with nothing that surely took their place
     */
    private function __construct(public array $found, public array $lost)
    {
    }

    /**
     * A column that is gone is looked for among those that are new: one that surely means the same, and is the only
     * one, took its place.
     *
     * @param  list<string>  $header
     * @param  list<list<string>>  $rows  a sample
     */
    public static function between(Mapping $mapping, array $header, array $rows): self
    {
        $known = array_map(static fn (MappedColumn $c): string => $c->name, $mapping->columns);
        $guesses = array_filter(
            GuessColumns::from($header, $rows),
            static fn (ColumnGuess $g): bool => ! in_array($g->column, $known, true) &&
                $g->confidence >= GuessColumns::SURE,
        );
        $found = [];
        $lost = [];
        foreach ($mapping->columns as $column) {
            if (in_array($column->name, $header, true)) {
                continue;
            }
            $fit = array_values(
                array_filter(
                    $guesses,
                    static fn (ColumnGuess $g): bool => $g->field === $column->field &&
                        ! in_array($g->column, $found, true),
                ),
            );
            if (count($fit) === 1) {
                $found[$column->name] = $fit[0]->column;
            } else {
                $lost[] = $column;
            }
        }

        return new self($found, $lost);
    }

    /** @return list<MappedColumn> lost columns without which no row can be used */
    public function fatal(): array
    {
        return array_values(array_filter($this->lost, static fn (MappedColumn $c): bool => $c->field->needed()));
    }
}
