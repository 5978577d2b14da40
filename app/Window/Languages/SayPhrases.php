<?php

declare(strict_types=1);

namespace WindowStall\Window\Languages;

use Illuminate\Support\Facades\DB;
use WindowStall\Stall\StalePages;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Words\PhraseRoom;
use WindowStall\Support\PgArray;
use WindowStall\Support\Refusal;
use WindowStall\Support\RichText;

/** Keeps what some of the seller's words are in another language; the pages that say them are made anew. */
final class SayPhrases
{
    private const KEEP = <<<'SQL'
        INSERT INTO phrases (stall_id, language, phrase, said, drafted, said_at)
        VALUES (:stall, :language, :phrase, :said, :drafted, :at)
        ON CONFLICT (stall_id, language, hash) DO UPDATE
        SET said = excluded.said, drafted = excluded.drafted, said_at = excluded.said_at
        SQL;

    private const FORGET = 'DELETE FROM phrases WHERE stall_id = ? AND language = ? AND hash = md5(?)';

    private const SLUGS = <<<'SQL'
        SELECT DISTINCT substr(used.path, length('/goods/') + 1) AS slug
        FROM (%s) AS used
        WHERE md5(used.phrase) = ANY (?::text[])
        SQL;

    /**
     * @param  PhraseRoom  $room  where they are met
     * @param  list<array{phrase: string, said: string}>  $words  what is said is "" where it isn't any more
     * @param  bool  $drafted  made by the writing help: shoppers don't read it until somebody has looked at it
     *
     * @throws Refusal for words that shoppers don't meet there
     */
    public function __invoke(Stall $stall, string $language, PhraseRoom $room, array $words, bool $drafted = false): void
    {
        $phrases = array_column($words, 'phrase');
        if (array_diff($phrases, PhrasesInUse::of($stall)->among($room, $phrases)) !== []) {
            throw new Refusal('Something of this was worded anew meanwhile. Load the page again.');
        }
        DB::transaction(static function () use ($stall, $language, $room, $words, $drafted, $phrases): void {
            foreach ($words as ['phrase' => $phrase, 'said' => $said]) {
                $said = self::clean($phrase, $said);
                $said === ''
                    ? DB::delete(self::FORGET, [$stall->id, $language, $phrase])
                    : DB::insert(self::KEEP, [
                        'stall' => $stall->id,
                        'language' => $language,
                        'phrase' => $phrase,
                        'said' => $said,
                        'drafted' => $drafted,
                        'at' => now(),
                    ]);
            }
            if ($drafted) {
                return;
            }
            if (! $room->ofGoods) {
                StalePages::frame($stall);

                return;
            }
            [$sql, $asked] = ($room->query)($stall);
            $hashes = PgArray::texts(array_map(md5(...), $phrases));
            StalePages::goods($stall, array_values(array_map(
                strval(...),
                array_column(DB::select(sprintf(self::SLUGS, $sql), [...$asked, $hashes]), 'slug'),
            )));
        });
    }

    /** What is HTML stays HTML that may stand in a shop; what isn't is text. */
    private static function clean(string $phrase, string $said): string
    {
        $said = trim($said);

        return self::isHtml($phrase) ? (new RichText())->clean($said) : $said;
    }

    public static function isHtml(string $phrase): bool
    {
        return preg_match('~</?(?:p|ul|ol|li|h[1-6]|strong|em|b|i|a|br|div|span|table)\b[^>]*>~i', $phrase) === 1;
    }
}
