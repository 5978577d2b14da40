<?php

declare(strict_types=1);

namespace WindowStall\Source\Feeds;

use Illuminate\Support\Facades\Cache;
use WindowStall\Core\Feeds\AssembleItem;
use WindowStall\Core\Feeds\BrokenText;
use WindowStall\Core\Feeds\FeedRow;
use WindowStall\Core\Feeds\Mapping;
use WindowStall\Core\Feeds\ReadLine;
use WindowStall\Core\Feeds\Reject;
use WindowStall\Core\Source\Item;
use WindowStall\Source\Connectors\Feed\FeedConnector;
use WindowStall\Source\Connectors\Feed\FeedFile;
use WindowStall\Source\Connectors\SupplierTrouble;
use WindowStall\Source\SupplierConnection;
use WindowStall\Support\Refusal;

/** The first rows of a supplier's file, kept for an hour while a person says what its columns mean. */
final readonly class FeedSample
{
    private const ROWS = 400;

    private const KEPT = 3600;

    /** For fetching the file. */
    private const SECONDS = 40;

    /**
     * @param  list<string>  $header
     * @param  array<int, list<string>>  $rows  by the number a person counts
     * @param  list<string>  $parts  sheets or lists of the file that goods could stand in; [] where there is no choice
     * @param  string  $part  the one that is read
     * @param  array<string, mixed>|null  $reading  how a table is read; null where it is none
     */
    private function __construct(
        public string $about,
        public array $header,
        public array $rows,
        public array $parts = [],
        public string $part = '',
        public ?array $reading = null,
    ) {
    }

    /** The first rows, if they were read within the hour. */
    public static function kept(SupplierConnection $connection): ?self
    {
        $kept = Cache::get(self::key($connection));

        return is_array($kept) ? new self(...$kept) : null;
    }

    /** @throws Refusal when they aren't at hand */
    public static function of(SupplierConnection $connection): self
    {
        return self::kept($connection) ??
            throw new Refusal('The first rows of the file aren’t at hand any more. Load the page again.');
    }

    /**
     * Reads the first rows and keeps them.
     *
     * @throws SupplierTrouble
     */
    public static function read(SupplierConnection $connection): void
    {
        Cache::put(
            self::key($connection),
            FeedFile::with(
                $connection->access(),
                self::first(...),
                self::SECONDS,
                looking: true,
            ),
            self::KEPT,
        );
    }

    /** @return array{string, list<string>, array<int, list<string>>, list<string>, string, array<string, mixed>|null} */
    private static function first(Feed $feed): array
    {
        $rows = [];
        foreach ($feed->rows() as $number => $values) {
            $rows[$number] = array_map(static fn (string $v): string => mb_substr($v, 0, 2000), $values);
            if (count($rows) >= self::ROWS) {
                break;
            }
        }

        $reading = $feed instanceof CsvFeed ? $feed->reading()->toArray() : null;

        return [$feed->about(), $feed->header(), $rows, $feed->parts(), $feed->part(), $reading];
    }

    private static function key(SupplierConnection $connection): string
    {
        return 'feed-sample.'.$connection->id;
    }

    public static function forget(SupplierConnection $connection): void
    {
        Cache::forget(self::key($connection));
    }

    /** @return list<list<string>> for guessing: rows that aren't broken */
    public function guessing(): array
    {
        $whole = array_filter($this->rows, static fn (array $row): bool => ! BrokenText::in($row[0] ?? ''));

        return array_slice(array_values($whole), 0, FeedConnector::SAMPLE);
    }

    /**
     * What the first rows would become.
     *
     * @return array{items: list<Item>, rejects: list<Reject>}
     */
    public function assembled(Mapping $mapping): array
    {
        $read = new ReadLine($mapping, $this->header);
        /** @var array<string, non-empty-list<FeedRow>> $byItem */
        $byItem = [];
        $rejects = [];
        foreach ($this->rows as $number => $values) {
            $line = $read->read($number, $values);
            if ($line instanceof Reject) {
                $rejects[] = $line;
            } else {
                $byItem[$line->item][] = $line;
            }
        }
        $assemble = new AssembleItem($mapping);

        return ['items' => array_values(array_map($assemble->from(...), $byItem)), 'rejects' => $rejects];
    }
}
