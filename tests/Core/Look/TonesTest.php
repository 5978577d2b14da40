<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Look;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Look\Colour;
use WindowStall\Core\Look\ColourUnreadable;
use WindowStall\Core\Look\Mood;
use WindowStall\Core\Look\StarterLook;
use WindowStall\Core\Look\Tones;

final class TonesTest extends TestCase
{
    private const READ_ON = [['ink', 'ground'], ['ink', 'sheet'], ['ink', 'soft'], ['mute', 'ground'], ['mute', 'sheet'], ['on-fill', 'fill'], ['brand', 'ground'], ['brand', 'sheet'], ['brand', 'soft']];

    public function test_text_can_be_read_whatever_colour_a_seller_picks(): void
    {
        mt_srand(11);
        $hexes = ['#000000', '#ffffff', '#ffff00', '#00ffff', '#ff00ff', '#808080', '#777777'];
        for ($n = 0; $n < 120; $n++) {
            $hexes[] = sprintf('#%06x', mt_rand(0, 0xFFFFFF));
        }
        foreach (Mood::cases() as $mood) {
            foreach ($hexes as $hex) {
                $tones = Tones::from(Colour::hex($hex), $mood);
                foreach (self::READ_ON as [$text, $ground]) {
                    $ratio = Colour::hex($tones->get($text)->toHex())->contrast(Colour::hex($tones->get($ground)->toHex()));
                    self::assertGreaterThanOrEqual(Tones::TEXT, $ratio, "$text on $ground, from $hex in mood $mood->value");
                }
            }
        }
    }

    public function test_a_brand_colour_that_reads_is_kept_to_the_letter(): void
    {
        foreach (['#2c5a43', '#7a3b2e'] as $hex) {
            self::assertSame($hex, Tones::from(Colour::hex($hex), Mood::Paper)->get('fill')->toHex());
        }
    }

    public function test_every_starter_look_reads(): void
    {
        foreach (StarterLook::cases() as $look) {
            $tones = Tones::from($look->brand(), $look->mood());
            self::assertGreaterThanOrEqual(Tones::TEXT, $tones->get('ink')->contrast($tones->get('ground')), $look->value);
        }
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
