<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Print;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Print\Lettering\Lettering;
use WindowStall\Core\Print\Lettering\LetteringUnreadable;

final class LetteringTest extends TestCase
{
    public function test_lines_are_set_below_each_other_and_cannot_say_more_than_words(): void
    {
        $words = Lettering::read(" Grown,\tnot <b>bought \r\nTwo & more", 'fraunces', '#23304f', 'middle');
        self::assertSame(['Grown, not <b>bought', 'Two & more'], $words->lines);
        $drawing = simplexml_load_string($words->svg());
        self::assertNotFalse($drawing);
        self::assertSame([[], ['Grown, not <b>bought', 'Two & more']], [
            $drawing->xpath('//*[local-name()="b"]'),
            array_map(strval(...), iterator_to_array($drawing->g->text, false)),
        ]);
        self::assertSame(['230', '460'], [(string) $drawing->g->text[0]['y'], (string) $drawing->g->text[1]['y']]);
        self::assertSame('middle', (string) $drawing->g['text-anchor']);
        self::assertEquals($words, Lettering::read(...$words->toArray()));
        self::assertSame('fraunces-640', $words->cut->key());
    }

    public function test_every_typeface_for_names_is_there_in_its_middle_weight(): void
    {
        self::assertArrayHasKey('bricolage-grotesque', Lettering::faces());
        self::assertSame('Fraunces', Lettering::faces()['fraunces']);
        self::assertSame(array_keys(Lettering::faces()), array_map(
            static fn ($cut): string => $cut->face->value,
            array_values(Lettering::cuts()),
        ));
    }

    #[TestWith(["  \n ", 'fraunces', '#23304f', 'left', 'Write some words'])]
    #[TestWith(["a\nb\nc\nd\ne\nf\ng\nh\ni", 'fraunces', '#23304f', 'left', 'At most 8 lines'])]
    #[TestWith(['aaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaa', 'fraunces', '#23304f', 'left', '40 letters at most'])]
    #[TestWith(['Łąka', 'fraunces', '#23304f', 'left', '“Ł” isn’t in this typeface'])]
    #[TestWith(['Leek 🥬', 'fraunces', '#23304f', 'left', '“🥬” isn’t'])]
    #[TestWith(['Leek', 'comic', '#23304f', 'left', 'no such typeface'])]
    #[TestWith(['Leek', 'fraunces', 'red"/>', 'left', 'Choose a colour'])]
    #[TestWith(['Leek', 'fraunces', '#23304f', 'below', 'Choose a colour'])]
    public function test_what_cannot_be_printed_is_said(string $words, string $face, string $colour, string $align, string $said): void
    {
        $this->expectException(LetteringUnreadable::class);
        $this->expectExceptionMessage($said);
        Lettering::read($words, $face, $colour, $align);
    }
}
