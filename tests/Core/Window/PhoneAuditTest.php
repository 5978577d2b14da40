<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Window;

use PHPUnit\Framework\TestCase;
use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Window\AuditFinding;
use WindowStall\Core\Window\AuditMend;
use WindowStall\Core\Window\Measured;
use WindowStall\Core\Window\PhoneAudit;
use WindowStall\Core\Window\SectionFacts;

final class PhoneAuditTest extends TestCase
{
    public function test_a_page_that_shows_goods_at_once_and_keeps_its_word_has_nothing_to_find(): void
    {
        $measured = self::measured(
            ['hero' => [0, 300], 'row' => [300, 500], 'foot' => [800, 200]],
            ['goods' => [['id' => 'row', 'top' => 380, 'height' => 220]]],
        );
        self::assertSame([], PhoneAudit::of($measured, [self::hero(), self::row(), self::foot()], new DayRange(3, 7)));
        self::assertSame(
            ['row' => 'first thing to buy: begins in the first screen'],
            PhoneAudit::figures($measured, [self::hero(), self::row(), self::foot()]),
        );
    }

    public function test_goods_far_down_are_moved_up_behind_what_the_first_screen_holds(): void
    {
        $found = self::found(
            self::measured(
                ['hero' => [0, 600], 'story' => [600, 800], 'row' => [1_400, 500], 'foot' => [1_900, 200]],
                ['goods' => [['id' => 'row', 'top' => 1_470, 'height' => 200]]],
            ),
            [self::hero(), new SectionFacts('story', sells: false), self::row(), self::foot()],
        );
        self::assertSame(['far row'], array_keys($found));
        self::assertSame(
            'The first goods are 2.0 screens down: a shopper swipes 2 times to see what you sell.',
            $found['far row']->words,
        );
        self::assertSame(
            ['move-behind', 'row', 'hero'],
            [$found['far row']->mend?->do, $found['far row']->mend?->section, $found['far row']->mend?->value],
        );
    }

    public function test_a_page_without_anything_to_buy_says_so(): void
    {
        $found = self::found(self::measured(['hero' => [0, 300], 'story' => [300, 900]]), [
            self::hero(),
            new SectionFacts('story', sells: false),
        ]);
        self::assertSame(['sells nothing'], array_keys($found));
        self::assertSame(
            ['lay', 'goods', 'hero'],
            [
                $found['sells nothing']->mend?->do,
                $found['sells nothing']->mend?->section,
                $found['sells nothing']->mend?->value,
            ],
        );
        // A row that is there but empty, and so nothing high, sells nothing either.
        self::assertSame(['sells nothing'], array_keys(self::found(self::measured(['row' => [0, 0]]), [self::row()])));
    }

    public function test_a_heavy_page_names_its_weight_and_the_cause(): void
    {
        $bytes = ['page' => 10_000, 'pictures' => 700_000, 'typefaces' => 40_000, 'styles' => 5_000];
        $found = self::found(self::measured(['row' => [0, 400]], ['bytes' => $bytes]), [self::row()]);
        self::assertSame('The page weighs 738 KB on a phone; pictures are 684 of it.', $found['heavy']->words);
        self::assertArrayNotHasKey(
            'heavy',
            self::found(self::measured(['row' => [0, 400]], ['bytes' => ['pictures' => 545_000] + $bytes]), [
                self::row(),
            ]),
        );
    }

    public function test_the_heaviest_section_that_can_be_lightened_carries_the_finding(): void
    {
        $pictures = [
            ['id' => 'fixed', 'bytes' => 400_000],
            ['id' => 'row', 'bytes' => 150_000],
            ['id' => 'row', 'bytes' => 150_000],
            ['id' => 'small', 'bytes' => 9_000],
        ];
        $measured = self::measured(
            ['row' => [0, 400]],
            ['bytes' => ['page' => 0, 'pictures' => 709_000, 'typefaces' => 0, 'styles' => 0], 'pictures' => $pictures],
        );
        $lighter = static fn (string $id): SectionFacts => new SectionFacts(
            $id,
            sells: true,
            lightens: AuditMend::say('Show 4 instead of 8', $id, 'count', '4'),
        );
        $found = self::found($measured, [new SectionFacts('fixed', sells: true), $lighter('row'), $lighter('small')])[
            'heavy'
        ];
        self::assertSame('The page weighs 693 KB on a phone; pictures are 693 of it, 293 of them here.', $found->words);
        self::assertSame(['row', 'row', '4'], [$found->section, $found->mend?->section, $found->mend?->value]);
    }

    public function test_what_lies_too_deep_is_named_but_never_the_foot(): void
    {
        $deep = PhoneAudit::SCREEN * PhoneAudit::DEEP + 1;
        $sections = [self::row(), new SectionFacts('last', sells: false), self::foot()];
        $found = self::found(
            self::measured(['row' => [0, $deep], 'last' => [$deep, 300], 'foot' => [$deep + 300, 200]]),
            $sections,
        );
        self::assertSame(['hide', 'last'], [$found['long last']->mend?->do, $found['long last']->mend?->section]);
        self::assertSame(
            [],
            self::found(self::measured(['row' => [0, $deep], 'foot' => [$deep, 200]]), [self::row(), self::foot()]),
        );
    }

    public function test_what_leads_nowhere_is_taken_out_or_led_somewhere(): void
    {
        $nowhere = [
            ['field' => 'menu', 'row' => 2, 'words' => 'Gifts'],
            ['field' => 'leads', 'row' => null, 'words' => 'See it'],
        ];
        $found = array_values(
            self::found(self::measured(['m' => [0, 60]]), [new SectionFacts('m', sells: true, nowhere: $nowhere)]),
        );
        self::assertSame(['“Gifts” leads nowhere any more.', '“See it” leads nowhere.'], array_column($found, 'words'));
        self::assertSame(
            ['take-out', 'menu', 2],
            [$found[0]->mend?->do, $found[0]->mend?->field, $found[0]->mend?->row],
        );
        self::assertSame(
            ['say', 'leads', 'all'],
            [$found[1]->mend?->do, $found[1]->mend?->field, $found[1]->mend?->value],
        );
    }

    public function test_goods_that_cant_be_bought_are_counted_and_passed_over(): void
    {
        $facts = new SectionFacts('row', sells: true, soldOut: [7, 9], shown: 4);
        $found = array_values(self::found(self::measured(['row' => [0, 400]]), [$facts]))[0];
        self::assertSame('2 of the 4 goods shown here can’t be bought.', $found->words);
        self::assertSame(['say', 'gone', 'pass'], [$found->mend?->do, $found->mend?->field, $found->mend?->value]);
    }

    public function test_a_promise_of_days_is_held_against_the_slowest_thing_shown(): void
    {
        $says = static fn (string $words): SectionFacts => new SectionFacts(
            'n',
            sells: true,
            said: [['field' => 'messages', 'row' => 0, 'part' => 'words', 'words' => $words]],
        );
        $at = self::measured(['n' => [0, 40]]);
        $found = self::found($at, [$says('Posted from Britain, with you in 3 to 7 days')], new DayRange(3, 24));
        self::assertSame(
            'It says “3 to 7 days”; the slowest you show takes 24 days.',
            $found['promise n 3 to 7 days 24']->words,
        );
        $mend = $found['promise n 3 to 7 days 24']->mend;
        self::assertSame(
            ['Posted from Britain, with you in 3 to 24 days', 0, 'words'],
            [$mend?->value, $mend?->row, $mend?->part],
        );
        foreach (['between 3 and 11 working days', '2–9 days', 'within 4 - 10 working days'] as $short) {
            self::assertCount(1, self::found($at, [$says('With you '.$short)], new DayRange(3, 24)), $short);
        }
        foreach (['With you in 3 to 24 days', 'In 2–30 working days', 'Soon', '3 to 7 kinds'] as $kept) {
            self::assertSame([], self::found($at, [$says($kept)], new DayRange(3, 24)), $kept);
        }
        self::assertSame([], self::found($at, [$says('With you in 3 to 7 days')], null), 'nothing is known');
    }

    public function test_words_over_a_picture_are_judged_by_the_worst_pixel_under_them(): void
    {
        $over = static fn (string $colour, array $under): Measured => self::measured(
            ['hero' => [0, 300]],
            [
                'overPictures' => [
                    ['id' => 'hero', 'words' => 'for small plots', 'colour' => $colour, 'under' => $under],
                ],
            ],
        );
        $sells = new SectionFacts('hero', sells: true);
        $found = self::found($over('#25211b', ['#f2e6cf', '#6d7f78']), [$sells]);
        self::assertSame(
            '“for small plots” crosses the picture at 3.7 to 1; it needs 4.5.',
            array_values($found)[0]->words,
        );
        self::assertSame('open', array_values($found)[0]->mend?->do, 'where nothing brings them clear, a person looks');
        $clears = AuditMend::say('Narrow the words', 'hero', 'room', 'narrow');
        $clear = self::found($over('#25211b', ['#f2e6cf', '#6d7f78']), [
            new SectionFacts('hero', sells: true, clears: $clears),
        ]);
        self::assertSame($clears, array_values($clear)[0]->mend);
        self::assertSame([], self::found($over('#25211b', ['#f2e6cf']), [$sells]));
        self::assertSame([], self::found($over('red', ['#f2e6cf']), [$sells]), 'no colour, no judgement');
    }

    public function test_small_taps_and_pictures_that_say_nothing_are_named(): void
    {
        $measured = self::measured(
            ['row' => [0, 400]],
            [
                'dead' => [['id' => 'row', 'words' => '']],
                'taps' => [['id' => 'row', 'words' => 'Menu', 'width' => 20, 'height' => 30]],
                'pictures' => [
                    ['id' => 'row', 'alt' => false, 'says' => true],
                    ['id' => 'row', 'alt' => false, 'says' => false],
                    ['id' => 'row', 'alt' => true, 'says' => true],
                ],
            ],
        );
        $found = self::found($measured, [self::row()]);
        self::assertSame('“Menu” can be tapped on 20 × 30; a fingertip needs 44.', $found['taps row']->words);
        self::assertSame('A link here has no words.', $found['dead row']->words);
        self::assertSame('A picture here says nothing to whoever can’t see it.', $found['unsaid row']->words);
        self::assertSame(
            ['open', 'open', 'open'],
            array_map(static fn (AuditFinding $f): ?string => $f->mend?->do, array_values($found)),
        );
    }

    public function test_measures_that_are_nonsense_find_nothing_wrong_and_break_nothing(): void
    {
        foreach (
            [
                [],
                ['sections' => 'x', 'goods' => [1, 'a'], 'bytes' => ['page' => '9']],
                [
                    'sections' => [['id' => ['a'], 'top' => NAN, 'height' => INF]],
                    'overPictures' => [['id' => 'row', 'colour' => 7, 'under' => ['#zzzzzz', 5]]],
                ],
            ] as $said
        ) {
            foreach (PhoneAudit::of(Measured::read($said), [self::hero(), self::row()], null) as $finding) {
                self::assertSame('sells nothing', $finding->key);
            }
        }
    }

    /**
     * @param  list<SectionFacts>  $sections
     * @return array<string, AuditFinding>
     */
    private static function found(Measured $measured, array $sections, ?DayRange $days = null): array
    {
        return array_column(PhoneAudit::of($measured, $sections, $days), null, 'key');
    }

    /**
     * @param  array<string, array{int, int}>  $sections  id → top, height
     * @param  array<string, mixed>  $more
     */
    private static function measured(array $sections, array $more = []): Measured
    {
        $rows = [];
        foreach ($sections as $id => [$top, $height]) {
            $rows[] = ['id' => $id, 'top' => $top, 'height' => $height];
        }

        return Measured::read(['height' => 2_000, 'sections' => $rows] + $more);
    }

    private static function hero(): SectionFacts
    {
        return new SectionFacts('hero', sells: false);
    }

    private static function row(): SectionFacts
    {
        return new SectionFacts('row', sells: true, shown: 4);
    }

    private static function foot(): SectionFacts
    {
        return new SectionFacts('foot', sells: false);
    }
}
