<?php

declare(strict_types=1);

namespace WindowStall\Stall\Words;

use WindowStall\Stall\Stall;
use WindowStall\Support\PgArray;

/**
 * The seller's words that shoppers meet in one place, such as on the front page: as a query with the columns `phrase`,
 * `place` (where it is met, in the seller's words) and `path` (its page in the shop, or ""). Areas give theirs to
 * {@see PhraseRooms}.
 */
final readonly class PhraseRoom
{
    private const GIVEN = <<<'SQL'
        SELECT given.phrase, given.place, given.path
        FROM unnest(?::text[], ?::text[], ?::text[]) AS given (phrase, place, path)
        SQL;

    /**
     * @param  string  $key  as it stands in addresses
     * @param  int  $rank  lowest first: what shoppers meet first
     * @param  \Closure(Stall): array{string, list<mixed>}  $query  SQL and what it is asked with
     * @param  bool  $ofGoods  whether each stands on pages of goods and where they are listed, nowhere else
     */
    private function __construct(
        public string $key,
        public string $heading,
        public int $rank,
        public \Closure $query,
        public bool $ofGoods,
    ) {
    }

    /** @param  string  $sql  that takes the stall's id for each question mark */
    public static function query(string $key, string $heading, int $rank, string $sql, bool $ofGoods = false): self
    {
        $asked = substr_count($sql, '?');

        return new self($key, $heading, $rank, static fn (Stall $stall): array => [$sql, array_fill(0, $asked, $stall->id)], $ofGoods);
    }

    /** @param  \Closure(Stall): list<array{phrase: string, place: string, path: string}>  $given */
    public static function given(string $key, string $heading, int $rank, \Closure $given): self
    {
        return new self($key, $heading, $rank, static function (Stall $stall) use ($given): array {
            $rows = array_values(array_filter($given($stall), static fn (array $row): bool => Phrases::isWords($row['phrase'])));

            return [self::GIVEN, array_map(
                static fn (string $column): string => PgArray::texts(array_map(strval(...), array_column($rows, $column))),
                ['phrase', 'place', 'path'],
            )];
        }, ofGoods: false);
    }
}
