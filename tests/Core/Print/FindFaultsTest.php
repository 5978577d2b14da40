<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Print;

use PHPUnit\Framework\TestCase;
use WindowStall\Core\Print\ArtworkFacts;
use WindowStall\Core\Print\Findings\CheckedArtwork;
use WindowStall\Core\Print\Findings\FindFaults;
use WindowStall\Core\Print\Findings\Finding;
use WindowStall\Core\Print\Findings\FindingKind;
use WindowStall\Core\Print\Findings\Severity;
use WindowStall\Core\Print\Placing\Laid;
use WindowStall\Core\Print\Placing\Piece;
use WindowStall\Core\Print\Placing\Placing;
use WindowStall\Core\Source\Blank;

final class FindFaultsTest extends TestCase
{
    public function test_a_sharp_drawing_says_up_to_where_it_is(): void
    {
        $found = $this->one(FindingKind::Density, Prints::drawing(), new Piece(1, 0, 300, 780));
        self::assertSame(Severity::Fine, $found->weight);
        self::assertSame('461 dots to the inch; it stays above 300 up to 119.9 mm wide.', $found->rest);
    }

    public function test_a_coarse_one_stops_and_is_mended_by_its_width(): void
    {
        $coarse = Prints::drawing(1000, 1000);
        $found = $this->one(FindingKind::Density, $coarse, new Piece(1, 0, 100, 2800));
        self::assertSame([Severity::Stops, 'Too coarse: 90 dots to the inch.'], [$found->weight, $found->short]);
        self::assertSame('Make it 169.3 mm wide', $found->mend?->label);
        $mended = $found->mend->placing;
        self::assertSame(1693, $mended->laid[0]->pieces[0]->width);
        self::assertSame(Severity::Look, $this->in($mended, $coarse, FindingKind::Density)?->weight);

        $soft = $this->one(FindingKind::Density, $coarse, new Piece(1, 0, 100, 1200));
        self::assertSame(['A little soft: 211 dots to the inch.', 'Make it 84.6 mm wide'], [$soft->short, $soft->mend?->label]);
        self::assertSame(Severity::Fine, $this->in($soft->mend->placing ?? self::fail(), $coarse, FindingKind::Density)?->weight);

        $lines = $this->one(FindingKind::Density, Prints::drawing(20, 20, vector: true), new Piece(1, 0, 100, 2800));
        self::assertSame(Severity::Fine, $lines->weight);
    }

    public function test_the_largest_size_decides_how_sharp_it_is(): void
    {
        $placing = new Placing(
            [new Laid('sheet', 'paper', [new Piece(1, 0, 500, 1500)])],
            ['Natural white'],
            ['A5', 'A2'],
        );
        $found = $this->in($placing, Prints::drawing(1000, 1000), FindingKind::Density, Prints::poster());
        // 150 mm × 1.414 on 1000 pixels: 119; half of that on A5 is 338.
        self::assertSame('Too coarse: 119 dots to the inch.', $found?->short);
        self::assertSame(['A2'], $found->sizes);
    }

    public function test_what_stands_out_is_moved_inside(): void
    {
        $out = $this->one(FindingKind::OutsideArea, Prints::drawing(), new Piece(1, 1400, 300, 780));
        self::assertSame([Severity::Stops, 'It stands out of the area by 29 mm.'], [$out->weight, $out->short]);
        $mended = $out->mend->placing ?? self::fail();
        self::assertNull($this->in($mended, Prints::drawing(), FindingKind::OutsideArea));
        self::assertNull($this->in($mended, Prints::drawing(), FindingKind::OutsideSafe));

        $near = $this->one(FindingKind::OutsideSafe, Prints::drawing(), new Piece(1, 0, 30, 780));
        self::assertSame('It lies 5 mm past the safe line.', $near->short);
        self::assertNull($this->find(FindingKind::OutsideSafe, Prints::drawing(), new Piece(1, 0, 100, 780)));
    }

    public function test_cloths_on_which_it_vanishes_take_the_version_that_is_told_or_are_left_out(): void
    {
        $dark = Prints::drawing(colours: [['#24423a', 800], ['#f4efe2', 200]]);
        $chalk = Prints::drawing(colours: [['#f4efe2', 1000]]);
        $placing = $this->laid(new Piece(1, 0, 300, 780));
        $with = new FindFaults(Prints::tee(), [
            1 => new CheckedArtwork(1, 'Leek in ink', $dark, [2]),
            2 => new CheckedArtwork(2, 'Leek in chalk', $chalk),
        ]);
        $found = $this->told($with->of($placing));
        self::assertSame(['Bottle'], array_values(array_diff($found->colours, ['Ink'])));
        self::assertSame('Use Leek in chalk there', $found->mend?->label);
        self::assertSame(2, $found->mend->placing->artworkOn('Bottle', 1));
        self::assertNull(array_column($with->of($found->mend->placing), null, 'short')[$found->short] ?? null);

        $without = $this->told((new FindFaults(Prints::tee(), [1 => new CheckedArtwork(1, 'Leek in ink', $dark)]))->of($placing));
        self::assertStringStartsWith('Leave ', $without->mend->label ?? '');
        self::assertNotContains('Bottle', $without->mend->placing->colours ?? self::fail());

        // White on white.
        $white = (new FindFaults(Prints::tee(), [1 => new CheckedArtwork(1, 'Chalk', $chalk)]))->of($placing);
        self::assertContains('White', $this->told($white)->colours);
    }

    public function test_lines_threads_soft_edges_and_strong_colours_follow_from_the_method(): void
    {
        $many = [['#2e5d3c', 300], ['#f4efe2', 200], ['#ff0000', 200], ['#2040c0', 200], ['#f0c020', 100]];
        $drawing = Prints::drawing(colours: $many, soft: 120, line: 770);
        $stitched = new Placing([new Laid('front', 'stitch', [new Piece(1, 0, 300, 780)])], ['Oat'], ['M']);
        $by = fn (FindingKind $kind): Finding => $this->in($stitched, $drawing, $kind) ?? self::fail($kind->value);

        // 0.77% of 78 mm is 0.6 mm.
        self::assertSame('Its thinnest line is 0.6 mm.', $by(FindingKind::Line)->short);
        self::assertSame('Make it 155.9 mm wide', $by(FindingKind::Line)->mend?->label);
        self::assertSame(['It has 5 colours.', 'Use direct print'], [$by(FindingKind::Threads)->short, $by(FindingKind::Threads)->mend?->label]);
        self::assertSame('12% of it is half transparent.', $by(FindingKind::Soft)->short);
        self::assertStringContainsString('muted', $by(FindingKind::Reach)->short);

        $mended = $by(FindingKind::Threads)->mend->placing ?? self::fail();
        self::assertSame('direct', $mended->laid[0]->method);
        foreach ([FindingKind::Threads, FindingKind::Soft, FindingKind::Reach] as $kind) {
            self::assertNull($this->in($mended, $drawing, $kind), $kind->value);
        }
        self::assertSame(Severity::Fine, $this->in($mended, $drawing, FindingKind::Line)?->weight);
    }

    public function test_on_a_ground_of_its_own_a_drawing_is_told_from_that_and_the_sheet_is_covered(): void
    {
        $dark = Prints::drawing(colours: [['#24423a', 1000]], soft: 120);
        $on = static fn (string $ground, string $method = 'direct'): Placing => new Placing(
            [new Laid('front', $method, [new Piece(1, 0, 300, 780)], $ground)],
            ['Bottle'],
            ['M'],
        );
        self::assertNull($this->in($on('#f2ead8'), $dark, FindingKind::Told), 'the cloth doesn’t count');
        self::assertNull($this->in($on('#f2ead8', 'stitch'), $dark, FindingKind::Soft));
        $lost = $this->in($on('#24423a'), $dark, FindingKind::Told) ?? self::fail();
        self::assertSame(['It is hardly told from its ground:', 'Leave the ground out'], [$lost->short, $lost->mend?->label]);
        self::assertNull($lost->mend?->placing->laid[0]->ground);
        self::assertSame('Its ground comes out muted.', $this->in($on('#ff0000', 'stitch'), $dark, FindingKind::Reach)?->short);

        // Three threads are all that embroidery takes: the ground needs one of them.
        $three = Prints::drawing(colours: [['#24423a', 400], ['#f2ead8', 300], ['#b03a2e', 300]]);
        $bare = new Placing([new Laid('front', 'stitch', [new Piece(1, 0, 300, 780)])], ['Bottle'], ['M']);
        self::assertNull($this->in($bare, $three, FindingKind::Threads));
        self::assertNull($this->in($on('#f4ecdc', 'stitch'), $three, FindingKind::Threads), 'one like it is the same thread');
        self::assertSame('It has 4 colours.', $this->in($on('#2040c0', 'stitch'), $three, FindingKind::Threads)?->short);

        $covering = new Placing(
            [new Laid('sheet', 'paper', [new Piece(1, 0, 0, 2970)], '#f2ead8')],
            ['Natural white'],
            ['A3'],
        );
        self::assertNull($this->in($covering, Prints::drawing(297, 420, vector: true), FindingKind::Bleed, Prints::poster()));
    }

    public function test_what_ends_at_the_edge_of_a_sheet_has_to_go_on(): void
    {
        $drawing = Prints::drawing(297, 420, vector: true);
        $placing = static fn (Piece $piece): Placing => new Placing(
            [new Laid('sheet', 'paper', [$piece])],
            ['Natural white'],
            ['A3'],
        );
        $found = $this->in($placing(new Piece(1, 0, 0, 2970)), $drawing, FindingKind::Bleed, Prints::poster());
        self::assertSame(Severity::Stops, $found?->weight);
        $mended = $found->mend->placing ?? self::fail();
        self::assertNull($this->in($mended, $drawing, FindingKind::Bleed, Prints::poster()));
        self::assertNull($this->in($mended, $drawing, FindingKind::OutsideArea, Prints::poster()));
        self::assertNull($this->in($placing(new Piece(1, 0, 200, 1000)), $drawing, FindingKind::Bleed, Prints::poster()));
    }

    public function test_every_mend_lessens_what_it_mends(): void
    {
        mt_srand(23);
        $checked = 0;
        for ($n = 0; $n < 400; $n++) {
            $drawing = Prints::drawing(mt_rand(50, 3000), mt_rand(50, 3000), [['#24423a', 1000]], mt_rand(0, 90), mt_rand(1, 900));
            $piece = new Piece(1, mt_rand(-1500, 1500), mt_rand(-500, 3500), mt_rand(50, 4000), mt_rand(0, 35) * 100);
            $placing = new Placing(
                [new Laid('front', mt_rand(0, 1) === 0 ? 'direct' : 'stitch', [$piece])],
                ['Oat', 'Bottle'],
                ['M'],
            );
            $find = new FindFaults(Prints::tee(), [1 => new CheckedArtwork(1, 'Leek', $drawing)]);
            foreach ($find->of($placing) as $finding) {
                if ($finding->mend === null || $finding->weight !== Severity::Stops) {
                    continue;
                }
                $checked++;
                foreach ($find->of($finding->mend->placing) as $after) {
                    self::assertFalse(
                        $after->kind === $finding->kind && $after->weight === Severity::Stops,
                        $finding->short.' → '.$after->short,
                    );
                }
            }
        }
        self::assertGreaterThan(100, $checked);
    }

    /** @param  list<Finding>  $found */
    private function told(array $found): Finding
    {
        foreach ($found as $one) {
            if ($one->kind === FindingKind::Told) {
                return $one;
            }
        }
        self::fail('It is said to be told everywhere.');
    }

    private function laid(Piece $piece): Placing
    {
        return new Placing([new Laid('front', 'direct', [$piece])], array_keys(Prints::tee()->colours), ['M']);
    }

    private function one(FindingKind $kind, ArtworkFacts $facts, Piece $piece): Finding
    {
        return $this->find($kind, $facts, $piece) ?? self::fail($kind->value.' isn’t found.');
    }

    private function find(FindingKind $kind, ArtworkFacts $facts, Piece $piece): ?Finding
    {
        return $this->in($this->laid($piece), $facts, $kind);
    }

    private function in(Placing $placing, ArtworkFacts $facts, FindingKind $kind, ?Blank $blank = null): ?Finding
    {
        $found = (new FindFaults($blank ?? Prints::tee(), [1 => new CheckedArtwork(1, 'Leek', $facts)]))->of($placing);

        return array_values(array_filter($found, static fn (Finding $f): bool => $f->kind === $kind))[0] ?? null;
    }
}
