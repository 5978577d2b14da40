<?php

declare(strict_types=1);

namespace WindowStall\Window\Languages;

use Illuminate\Support\Facades\DB;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Words\PhraseRoom;
use WindowStall\Stall\Words\PhraseRooms;
use WindowStall\Stall\Words\Phrases;
use WindowStall\Support\PgArray;

/** The seller's words that shoppers meet, place by place, and which of them aren't said in a language yet. */
final readonly class PhrasesInUse
{
    public const PAGE = 20;

    /** What {@see Phrases::isWords()} says are none are the same in every language. */
    private const USED = <<<'SQL'
        SELECT used.phrase, min(used.place) AS place, min(used.path) AS path, count(*) AS times, md5(used.phrase) AS hash
        FROM (%s) AS used
        WHERE used.phrase ~ '[[:alpha:]]{2}'
          AND used.phrase !~ ?
        GROUP BY used.phrase
        SQL;

    private const COUNT = <<<'SQL'
        SELECT count(*) AS phrases,
               count(*) FILTER (WHERE said.said IS NULL OR said.drafted) AS missing,
               count(*) FILTER (WHERE said.drafted) AS drafted
        FROM (%s) AS used
        LEFT JOIN phrases AS said ON said.stall_id = ? AND said.language = ? AND said.hash = used.hash
        SQL;

    /** Drafts first, then what is missing, then the rest; each by where it is met. */
    private const PAGED = <<<'SQL'
        SELECT used.phrase, used.place, used.path, used.times, said.said, COALESCE(said.drafted, false) AS drafted
        FROM (%s) AS used
        LEFT JOIN phrases AS said ON said.stall_id = ? AND said.language = ? AND said.hash = used.hash
        ORDER BY (NOT COALESCE(said.drafted, false)), (said.said IS NOT NULL), used.place, used.hash
        LIMIT ? OFFSET ?
        SQL;

    private const AMONG = <<<'SQL'
        SELECT used.phrase
        FROM (%s) AS used
        WHERE used.hash = ANY (?::text[])
        SQL;

    public function __construct(private Stall $stall, private PhraseRooms $rooms)
    {
    }

    public static function of(Stall $stall): self
    {
        return new self($stall, app(PhraseRooms::class));
    }

    /**
     * Every place that says anything.
     *
     * @return list<array{room: PhraseRoom, phrases: int, missing: int, drafted: int}>
     */
    public function counts(string $language): array
    {
        $counts = [];
        foreach ($this->rooms->all() as $room) {
            [$sql, $asked] = $this->used($room);
            $row = DB::selectOne(sprintf(self::COUNT, $sql), [...$asked, $this->stall->id, $language]);
            if ((int) $row?->phrases > 0) {
                $counts[] = [
                    'room' => $room,
                    'phrases' => (int) $row->phrases,
                    'missing' => (int) $row->missing,
                    'drafted' => (int) $row->drafted,
                ];
            }
        }

        return $counts;
    }

    /**
     * @param  int  $page  from 1
     * @return list<array{phrase: string, place: string, path: string, times: int, said: string|null, drafted: bool}>
     */
    public function page(PhraseRoom $room, string $language, int $page): array
    {
        [$sql, $asked] = $this->used($room);
        $rows = DB::select(sprintf(self::PAGED, $sql), [
            ...$asked,
            $this->stall->id,
            $language,
            self::PAGE,
            ($page - 1) * self::PAGE,
        ]);

        return array_values(array_map(static fn (\stdClass $row): array => [
            'phrase' => (string) $row->phrase,
            'place' => (string) $row->place,
            'path' => (string) $row->path,
            'times' => (int) $row->times,
            'said' => $row->said === null ? null : (string) $row->said,
            'drafted' => (bool) $row->drafted,
        ], $rows));
    }

    /**
     * Those of some that shoppers meet in a place.
     *
     * @param  list<string>  $phrases
     * @return list<string>
     */
    public function among(PhraseRoom $room, array $phrases): array
    {
        [$sql, $asked] = $this->used($room);
        $hashes = PgArray::texts(array_map(md5(...), $phrases));

        return array_values(array_map(
            strval(...),
            array_column(DB::select(sprintf(self::AMONG, $sql), [...$asked, $hashes]), 'phrase'),
        ));
    }

    /** @return array{string, list<mixed>} */
    private function used(PhraseRoom $room): array
    {
        [$sql, $asked] = ($room->query)($this->stall);

        return [sprintf(self::USED, $sql), [...$asked, Phrases::SAME]];
    }
}
