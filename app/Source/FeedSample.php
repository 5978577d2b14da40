<?php

declare(strict_types=1);

namespace WindowStall\Source;

use Illuminate\Support\Facades\Cache;
use WindowStall\Core\Feeds\AssembleItem;
use WindowStall\Core\Feeds\Line;
use WindowStall\Core\Feeds\Mapping;
use WindowStall\Core\Feeds\ReadLine;
use WindowStall\Core\Feeds\Reject;
use WindowStall\Core\Source\SupplierItem as Item;
use WindowStall\Source\Connectors\Feed\FeedConnector;
use WindowStall\Source\Connectors\Feed\FeedFile;
use WindowStall\Source\Connectors\SupplierTrouble;
use WindowStall\Source\Feeds\Feed;

/** The first rows of a supplier's file, kept for an hour while a person says what its columns mean. */
final readonly class FeedSample
{
    private const ROWS = 400;

    private const KEPT = 3600;

    /**
     * @param  list<string>  $header
     * @param  array<int, list<string>>  $rows  by the number a person counts
     */
    private function __construct(public string $about, public array $header, public array $rows)
    {
    }

    /** @throws SupplierTrouble */
    public static function of(SupplierConnection $connection, bool $afresh = false): self
    {
        $key = 'feed-sample.'.$connection->id;
        $kept = $afresh ? null : Cache::get($key);
        if (! is_array($kept)) {
            $kept = FeedFile::with($connection->access(), static function (Feed $feed): array {
                $rows = [];
                foreach ($feed->rows() as $number => $values) {
                    $rows[$number] = array_map(static fn (string $v): string => mb_substr($v, 0, 2000), $values);
                    if (count($rows) >= self::ROWS) {
                        break;
                    }
                }

                return [$feed->about(), $feed->header(), $rows];
            }, 40);
            Cache::put($key, $kept, self::KEPT);
        }

        return new self(...$kept);
    }

    public static function forget(SupplierConnection $connection): void
    {
        Cache::forget('feed-sample.'.$connection->id);
    }

    /** @return list<list<string>> for guessing */
    public function guessing(): array
    {
        return array_slice(array_values($this->rows), 0, FeedConnector::SAMPLE);
    }

    /**
     * What the first rows would become.
     *
     * @return array{items: list<Item>, rejects: list<Reject>}
     */
    public function read(Mapping $mapping): array
    {
        $read = new ReadLine($mapping, $this->header);
        /** @var array<string, non-empty-list<Line>> $byItem */
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
