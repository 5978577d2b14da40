<?php

declare(strict_types=1);

namespace WindowStall\Reviews;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Throwable;
use WindowStall\Bench\Listing;
use WindowStall\Core\Reviews\HeldFor;
use WindowStall\Core\Reviews\ReviewState;
use WindowStall\Source\Feeds\CsvFeed;
use WindowStall\Source\Feeds\FeedTrouble;
use WindowStall\Stall\StalePages;
use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;

/**
 * Brings in what was said of goods elsewhere, from a table with the columns goods, stars, words, name and date. Each is marked
 * with its source and counts in no average. The same table brought in again adds nothing.
 */
final class BringInReviews
{
    public const MOST_ROWS = 5_000;

    /** Rows that couldn't be taken, of which is said why. */
    private const TOLD = 50;

    private const STALE = 500;

    /**
     * @param  string  $source  where it was said, as shoppers read it
     * @return array{new: int, again: int, left: list<array{row: int, why: string}>, refused: int}
     *
     * @throws Refusal|FeedTrouble where the file is no such table
     */
    public function __invoke(Stall $stall, string $path, string $source): array
    {
        $feed = new CsvFeed($path);
        $at = array_flip(array_map(static fn (string $name): string => mb_strtolower(trim($name)), $feed->header()));
        if (! isset($at['goods'], $at['stars'])) {
            throw new Refusal('The table needs the columns “goods” and “stars”; “words”, “name” and “date” may stand beside them.');
        }
        $rows = $left = [];
        $refused = 0;
        foreach ($feed->rows() as $number => $values) {
            if (count($rows) + $refused >= self::MOST_ROWS) {
                throw new Refusal(sprintf('A table has %s rows at the most. Bring it in in parts.', number_format(self::MOST_ROWS)));
            }
            $cell = static fn (string $name): string => trim((string) (array_values($values)[$at[$name] ?? -1] ?? ''));
            try {
                $rows[] = $this->row($stall, $source, $cell);
            } catch (Refusal $refusal) {
                $refused++;
                if (count($left) < self::TOLD) {
                    $left[] = ['row' => $number, 'why' => $refusal->getMessage()];
                }
            }
        }

        return $this->write($stall, $source, $rows) + ['left' => $left, 'refused' => $refused];
    }

    /**
     * @param  callable(string): string  $cell  by column
     * @return array<string, mixed> as the table has it
     *
     * @throws Refusal
     */
    private function row(Stall $stall, string $source, callable $cell): array
    {
        $listing = $this->listing($stall, $cell('goods'));
        $stars = str_replace(',', '.', $cell('stars'));
        if (preg_match('/^[1-5](?:\.0+)?$/D', $stars) !== 1) {
            throw new Refusal('“Stars” is a whole number from 1 to 5.');
        }
        $words = $cell('words');
        if (mb_strlen($words) > SaidReview::MOST_LETTERS) {
            throw new Refusal(sprintf('It has more than %s letters.', number_format(SaidReview::MOST_LETTERS)));
        }
        $held = HeldFor::in($words.' '.$cell('name'), 0);

        return [
            'stall_id' => $stall->id,
            'listing_id' => $listing,
            'verified' => false,
            'source' => $source,
            'stars' => (int) $stars,
            'words' => $words,
            'name' => mb_substr($cell('name'), 0, 60),
            'state' => ($held === [] ? ReviewState::Shown : ReviewState::Held)->value,
            'held_for' => json_encode(array_column($held, 'value'), JSON_THROW_ON_ERROR),
            'written_at' => self::day($cell('date')),
        ];
    }

    /** @throws Refusal */
    private function listing(Stall $stall, string $called): int
    {
        $slug = mb_strtolower(basename(rtrim($called, '/')));
        $found = $called === '' ? [] : Listing::of($stall)
            ->where(static fn ($q) => $q->where('slug', $slug)->orWhereRaw('lower(shown_title) = lower(?)', [$called]))
            ->limit(2)
            ->pluck('id')
            ->all();
        if (count($found) !== 1) {
            throw new Refusal($found === []
                ? sprintf('No goods are called “%s”, and none have such an address.', mb_strimwidth($called, 0, 60, '…'))
                : sprintf('Several goods are called “%s”: write the end of the address instead.', mb_strimwidth($called, 0, 60, '…')));
        }

        return (int) $found[0];
    }

    /** @throws Refusal */
    private static function day(string $said): Carbon
    {
        try {
            $day = match (true) {
                $said === '' => now(),
                preg_match('/^\d{4}-\d{2}-\d{2}(?:[T ].*)?$/D', $said) === 1 => Carbon::createFromFormat('!Y-m-d', substr($said, 0, 10)),
                default => null,
            };
        } catch (Throwable) {
            $day = null;
        }
        if ($day === null || $day->isAfter(now()->addDay()) || $day->year < 1990) {
            throw new Refusal('“Date” is a day such as 2026-05-31, or empty.');
        }

        return $day;
    }

    /**
     * @param  list<array<string, mixed>>  $rows
     * @return array{new: int, again: int}
     */
    private function write(Stall $stall, string $source, array $rows): array
    {
        $key = static fn (object|array $row): string => hash('xxh128', implode("\0", array_map(
            static fn (string $of): string => (string) ((array) $row)[$of],
            ['listing_id', 'stars', 'words', 'name'],
        )));

        return DB::transaction(static function () use ($stall, $source, $rows, $key): array {
            // Two at once queue up here, so that the second knows what the first brought.
            Stall::query()->whereKey($stall->id)->lockForUpdate()->first();
            $there = Review::of($stall)->where('source', $source)->toBase()->get(['listing_id', 'stars', 'words', 'name']);
            $known = array_flip($there->map($key)->all());
            $new = [];
            foreach ($rows as $row) {
                $known[$key($row)] ??= $new[$key($row)] = $row;
            }
            foreach (array_chunk(array_values($new), self::STALE) as $some) {
                DB::table('reviews')->insert($some);
            }
            $slugs = Listing::of($stall)->whereKey(array_unique(array_column($new, 'listing_id')))->pluck('slug')->all();
            foreach (array_chunk(array_values(array_map(strval(...), $slugs)), self::STALE) as $some) {
                StalePages::goods($stall, $some);
            }

            return ['new' => count($new), 'again' => count($rows) - count($new)];
        });
    }
}
