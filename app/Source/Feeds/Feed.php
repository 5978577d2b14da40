<?php

declare(strict_types=1);

namespace WindowStall\Source\Feeds;

/** A file of goods, read row by row: never more than a row of it in memory. */
interface Feed
{
    /** What the file is called when spoken of: "CSV, parted by semicolons". */
    public function about(): string;

    /** @return list<string> the columns' names, each once */
    public function header(): array;

    /**
     * @return iterable<int, list<string>> the number of the row as a person counts (in a table the header is row 1) →
     *     values in the header's order
     *
     * @throws FeedTrouble when the file breaks off or can't be read on
     */
    public function rows(): iterable;

    /**
     * Some of the rows.
     *
     * @param  iterable<int>  $numbers  of the rows, rising
     * @return iterable<int, list<string>> as {@see rows()} gives them
     *
     * @throws FeedTrouble when the file breaks off or can't be read on
     */
    public function some(iterable $numbers): iterable;

    /** @return list<string> where goods could stand in the file: its sheets, its lists; [] where there is no choice */
    public function parts(): array;

    /** Which of them is read; "" where there is no choice. */
    public function part(): string;

    /** @return array<string, int> columns that no row had at first → the row in which each was met while reading */
    public function late(): array;
}
