<?php

declare(strict_types=1);

namespace WindowStall\Counter\Told;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Dispatch\Told\FactWords;
use WindowStall\Stall\Stall;

/** What a stall says in its letters to shoppers where the program's own words don't do. */
final readonly class LetterWords
{
    public function __construct(public string $subject, public string $words)
    {
    }

    public static function of(Stall $stall, TellKind $kind, string $language): ?self
    {
        $row = DB::table('letter_words')
            ->where('stall_id', $stall->id)
            ->where('kind', $kind->value)
            ->where('language', $language)
            ->first();

        return $row === null ? null : new self((string) $row->subject, (string) $row->words);
    }

    /** @return list<string> the kinds and languages that have words of their own, as "posted de" */
    public static function written(Stall $stall): array
    {
        return array_values(DB::table('letter_words')->where('stall_id', $stall->id)->get()
            ->map(static fn (\stdClass $row): string => $row->kind.' '.$row->language)->all());
    }

    /** @return list<string> what stands in braces and is no fact */
    public function strange(): array
    {
        return FactWords::strange($this->subject.' '.$this->words, OrderFacts::NAMES);
    }

    public function keep(Stall $stall, TellKind $kind, string $language): void
    {
        DB::table('letter_words')->updateOrInsert(
            ['stall_id' => $stall->id, 'kind' => $kind->value, 'language' => $language],
            ['subject' => $this->subject, 'words' => $this->words, 'said_at' => now()],
        );
    }

    public static function drop(Stall $stall, TellKind $kind, string $language): void
    {
        DB::table('letter_words')
            ->where('stall_id', $stall->id)
            ->where('kind', $kind->value)
            ->where('language', $language)
            ->delete();
    }
}
