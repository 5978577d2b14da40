<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Look;

use PHPUnit\Framework\TestCase;
use WindowStall\Core\Look\Build;
use WindowStall\Core\Look\Colour;
use WindowStall\Core\Look\Corner;
use WindowStall\Core\Look\Density;
use WindowStall\Core\Look\Mood;
use WindowStall\Core\Look\SaidLook;
use WindowStall\Core\Look\StarterLook;
use WindowStall\Core\Look\Tones;
use WindowStall\Core\Look\TypePair;

final class SaidLookTest extends TestCase
{
    public function test_a_calm_sentence_gives_calm_looks(): void
    {
        $said = SaidLook::read('Calm, neutral, beige and soft grey, a lot of white space, simple type');
        self::assertSame(
            ['calm', 'neutral', 'beige', 'soft grey', 'lot of white space', 'simple type'],
            array_map(strval(...), array_keys($said->understood)),
        );
        self::assertSame([], $said->missed);
        self::assertCount(3, $said->looks);
        $first = $said->looks[0];
        self::assertSame(StarterLook::Plaster, $first['starter']);
        self::assertSame(
            [Mood::Plaster, Density::Airy, TypePair::Plain],
            [$first['plan']->mood, $first['plan']->shape->density, $first['plan']->pair],
        );
        self::assertSame(
            ['#b5a48a', '#8c8a86'],
            array_map(static fn (Colour $c): string => $c->toHex(), array_slice($first['plan']->colours, 0, 2)),
        );
    }

    public function test_the_three_differ_in_how_pages_are_built(): void
    {
        $looks = SaidLook::read('dark red, bookish')->looks;
        self::assertCount(3, array_unique(array_map(static fn (array $l): string => $l['plan']->build->value, $looks)));
        self::assertSame(Build::Label, $looks[0]['plan']->build);
        foreach ($looks as $look) {
            self::assertSame('#7a2320', $look['plan']->colours[0]->toHex());
            self::assertGreaterThanOrEqual(Tones::TEXT, $look['plan']->tones()->least());
        }
    }

    public function test_a_longer_phrase_is_read_before_the_words_in_it(): void
    {
        self::assertSame(['dark blue'], array_keys(SaidLook::read('dark blue')->understood));
        self::assertSame(['dark', 'blue'], array_keys(SaidLook::read('dark and blue')->understood));
    }

    public function test_a_code_is_a_colour_and_what_means_nothing_is_said(): void
    {
        $said = SaidLook::read('like #2C5A43, rounded, but xylophonic');
        self::assertSame(['#2c5a43', 'rounded'], array_map(strval(...), array_keys($said->understood)));
        self::assertSame(['xylophonic'], $said->missed);
        self::assertSame(Corner::Round, $said->looks[0]['plan']->shape->corner);
    }

    public function test_what_is_typed_to_the_letter_is_used_to_the_letter_and_a_name_beside_it_only_names_it(): void
    {
        $colours = static fn (string $said): array => array_map(
            static fn (Colour $c): string => $c->toHex(),
            array_slice(SaidLook::read($said)->looks[0]['plan']->colours, 0, 2),
        );
        self::assertSame(['#8b5cf6', '#f0c93a'], $colours('playful, lavender #8b5cf6, and yellow'));
        self::assertSame(['#8b5cf6', '#0e7c66'], $colours('#8b5cf6 (lavender), green: #0e7c66'));
        self::assertSame('#aa33ff', $colours('#a3f')[0]);
        $tones = SaidLook::read('#8b5cf6, white')->looks[0]['plan']->tones();
        self::assertSame('#8b5cf6', $tones->get('fill')->toHex(), 'words can be read on it, so it stays');
    }

    public function test_a_colour_that_cannot_be_writing_is_said_with_what_stands_in(): void
    {
        $moved = Tones::from(Colour::hex('#f0c93a'), Mood::Chalk)->moved();
        self::assertCount(1, $moved);
        self::assertTrue($moved[0]->writing);
        self::assertMatchesRegularExpression('/^#f0c93a can’t be read as writing .* has #[0-9a-f]{6} /', $moved[0]->words());
    }

    public function test_nothing_understood_still_lays_three_out(): void
    {
        $said = SaidLook::read('؟؟ 🌱 zzz');
        self::assertSame([], $said->understood);
        self::assertCount(3, $said->looks);
    }

    public function test_every_word_of_the_rules_makes_looks_that_read(): void
    {
        /** @var array<string, array<string, mixed>> $words */
        $words = require __DIR__.'/../../../core/Look/look-words.php';
        foreach (array_keys($words) as $word) {
            $said = SaidLook::read((string) $word);
            self::assertNotSame([], $said->understood, (string) $word);
            foreach ($said->looks as $look) {
                self::assertGreaterThanOrEqual(Tones::TEXT, $look['plan']->tones()->least(), (string) $word);
            }
        }
    }
}
