<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use WindowStall\Window\Languages\PhrasesInUse;

/** How far the seller's words are said in a language, place by place. */
final readonly class SpokenLanguageView
{
    /** @param  list<PhraseRoomView>  $rooms */
    public function __construct(public string $language, public string $name, public int $missing, public int $phrases, public array $rooms)
    {
    }

    public static function of(PhrasesInUse $use, string $language, string $name): self
    {
        $rooms = array_map(
            static fn (array $count): PhraseRoomView => new PhraseRoomView(
                $count['room']->key,
                $count['room']->heading,
                $count['phrases'],
                $count['missing'],
                $count['drafted'],
            ),
            $use->counts($language),
        );

        return new self(
            $language,
            $name,
            array_sum(array_map(static fn (PhraseRoomView $room): int => $room->missing, $rooms)),
            array_sum(array_map(static fn (PhraseRoomView $room): int => $room->phrases, $rooms)),
            $rooms,
        );
    }
}
