<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Look;

use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use WindowStall\Core\Look\Colour;
use WindowStall\Core\Look\ColourUnreadable;
use WindowStall\Core\Look\Mood;
use WindowStall\Core\Look\StarterLook;
use WindowStall\Core\Look\Tones;

final class TonesTest extends TestCase
{
    /** Which pairs there are is taken from the stylesheet: {@see \WindowStall\Tests\Browser\ShopTonesTest}. */
    private const COLOURS = 2_000;

    #[Group('long')]
    public function test_whatever_stands_on_whatever_can_be_read_in_every_mood_whatever_colours_a_seller_picks(): void
    {
        $random = new Randomizer(new Mt19937(11));
        $hexes = [
            '#000000',
            '#ffffff',
            '#ffff00',
            '#00ffff',
            '#ff00ff',
            '#808080',
            '#777777',
            '#0000ff',
            '#00ff00',
            '#ff0000',
        ];
        for ($n = count($hexes); $n < self::COLOURS; $n++) {
            $hexes[] = sprintf('#%06x', $random->getInt(0, 0xFFFFFF));
        }
        $looks = 0;
        foreach (Mood::cases() as $mood) {
            foreach ($hexes as $n => $hex) {
                // Alone, and with a second and a third as they come.
                $colours = array_map(
                    Colour::hex(...),
                    $n % 3 === 0 ? [$hex] : array_slice([...array_slice($hexes, $n, 3), ...$hexes], 0, 1 + ($n % 3)),
                );
                self::assertSame([], self::unread(Tones::from($colours, $mood)), "from {$hex} in {$mood->value}");
                $looks++;
            }
        }
        self::assertSame(self::COLOURS * count(Mood::cases()), $looks);
    }

    /** @return list<string> pairs that don't have the contrast they need */
    private static function unread(Tones $tones): array
    {
        $unread = [];
        foreach (Tones::PAIRS as [$text, $ground, $least]) {
            $ratio = $tones->get($text)->contrast($tones->get($ground));
            if ($ratio < $least) {
                $unread[] = sprintf('%s on %s has %.2f', $text, $ground, $ratio);
            }
        }

        return $unread;
    }

    public function test_a_brand_colour_that_reads_is_kept_to_the_letter_and_nothing_is_said(): void
    {
        foreach (['#2c5a43', '#7a3b2e'] as $hex) {
            $tones = Tones::from(Colour::hex($hex), Mood::Paper);
            self::assertSame($hex, $tones->get('fill')->toHex());
            self::assertSame([], $tones->moved());
        }
    }

    public function test_every_colour_carries_words_as_it_is_where_it_is_a_surface(): void
    {
        // Between them, neither near-white nor the usual ink has 4.5:1; white or the deepest ink has.
        foreach (['#787878', '#8b5cf6', '#767676', '#d9722b', '#e0567a'] as $hex) {
            $tones = Tones::from([Colour::hex('#2c5a43'), Colour::hex($hex), Colour::hex($hex)], Mood::Chalk);
            self::assertSame([$hex, $hex], [$tones->get('second')->toHex(), $tones->get('third')->toHex()]);
            self::assertSame($hex, Tones::from(Colour::hex($hex), Mood::Chalk)->get('fill')->toHex());
            self::assertSame([], $tones->moved());
        }
    }

    public function test_a_flood_that_no_words_can_be_read_on_is_named_with_the_nearest_that_can(): void
    {
        $moved = Tones::from(Colour::hex('#787878'), Mood::Flood)->moved();
        self::assertSame('#787878', $moved[0]->chosen->toHex());
        self::assertStringContainsString($moved[0]->used->toHex().' stands in for it', $moved[0]->words());
    }

    public function test_a_flood_is_dark_or_light_as_its_colour_is(): void
    {
        self::assertFalse(Tones::from(Colour::hex('#f7d23e'), Mood::Flood)->dark);
        self::assertTrue(Tones::from(Colour::hex('#17324d'), Mood::Flood)->dark);
        self::assertSame(
            '#f7d23e',
            Tones::from(Colour::hex('#f7d23e'), Mood::Flood)->get('ground')->toHex(),
            'the colour itself',
        );
    }

    public function test_the_least_contrast_is_that_of_the_worst_pair(): void
    {
        $tones = Tones::from(Colour::hex('#2c5a43'), Mood::Paper);
        $ratios = [];
        foreach (Tones::PAIRS as [$text, $ground, $least]) {
            $ratios[] = $least === Tones::TEXT ? $tones->get($text)->contrast($tones->get($ground)) : 21.0;
        }
        self::assertSame(min($ratios), $tones->least());
    }

    public function test_every_starter_look_differs_from_the_others_in_build_type_and_ground_or_shape(): void
    {
        $builds = $pairs = [];
        foreach (StarterLook::cases() as $look) {
            $plan = $look->plan();
            self::assertGreaterThanOrEqual(Tones::TEXT, $plan->tones()->least(), $look->value);
            $builds[] = $plan->build->value;
            $pairs[] = $plan->pair->value;
        }
        self::assertCount(8, array_unique($builds));
        self::assertCount(8, array_unique($pairs));
    }

    #[TestWith(['#000000', '#ffffff', 21.0], 'WCAG: black on white is 21')]
    #[TestWith(['#777777', '#ffffff', 4.48], 'the well-known grey that just misses')]
    public function test_contrast_is_that_of_wcag(string $one, string $other, float $ratio): void
    {
        self::assertEqualsWithDelta($ratio, Colour::hex($one)->contrast(Colour::hex($other)), 0.005);
    }

    public function test_oklch_has_the_published_values(): void
    {
        // Ottosson's reference: pure red is L 0.628, C 0.258, h 29.2°
        [$l, $c, $h] = Colour::hex('#ff0000')->toOklch();
        self::assertEqualsWithDelta(0.628, $l, 0.001);
        self::assertEqualsWithDelta(0.2577, $c, 0.001);
        self::assertEqualsWithDelta(29.2, $h, 0.1);
        self::assertSame('#ff0000', Colour::oklch($l, $c, $h)->toHex());
    }

    #[TestWith(['red'])]
    #[TestWith(['#12345'])]
    #[TestWith(['#12345g'])]
    #[TestWith(['#2c5a43;background:url(x)'])]
    #[TestWith([''])]
    public function test_what_is_no_colour_is_refused(string $typed): void
    {
        $this->expectException(ColourUnreadable::class);
        Colour::hex($typed);
    }
}
