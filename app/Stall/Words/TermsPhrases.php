<?php

declare(strict_types=1);

namespace WindowStall\Stall\Words;

use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\Places;

/** What the stall's terms say to shoppers: the ways goods are sent by, and what it reminds them with. */
final class TermsPhrases
{
    /** @return list<PhraseRoom> */
    public static function rooms(): array
    {
        return [
            PhraseRoom::given('ways', 'Ways to send', 75, self::ways(...)),
            PhraseRoom::given('reminder', 'The reminder of a basket', 95, static fn (Stall $stall): array => [[
                'phrase' => (string) $stall->reminder_words,
                'place' => 'The mail about a basket left behind',
                'path' => '',
            ]]),
        ];
    }

    /** @return list<array{phrase: string, place: string, path: string}> */
    private static function ways(Stall $stall): array
    {
        $said = [];
        foreach (Places::of($stall) as $terms) {
            foreach ($terms->ways as $way) {
                foreach ([$way->name, $way->collected] as $phrase) {
                    $said[] = ['phrase' => $phrase, 'place' => 'Checkout, to '.$terms->place->name, 'path' => ''];
                }
            }
        }

        return $said;
    }
}
