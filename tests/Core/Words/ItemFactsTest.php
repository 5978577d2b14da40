<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Words;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Words\DraftCheck;
use WindowStall\Core\Words\ItemFacts;
use WindowStall\Core\Words\TitleFacts;

/** What is known of a thing: only what its own data says, and drafts are held against it. */
final class ItemFactsTest extends TestCase
{
    public function test_facts_are_only_what_the_data_says(): void
    {
        $facts = ItemFacts::of(
            '2026 NEW Garden Hand Trowel Shovel Stainless Wood Handle HOT Outdoor Tool 1pc',
            null,
            [
                'Finish' => ['Steel', 'Copper'],
                'Sz' => ['18 cm', '24 cm'],
                'Ships from' => ['CN', 'DE'],
                'Code' => ['STL-01'],
            ],
            'the United Kingdom',
            new DayRange(3, 6),
        )->toArray();
        self::assertSame(['Hand trowel', false], [$facts['name'], $facts['own']]);
        self::assertSame([['stainless steel'], ['a wooden handle']], [$facts['materials'], $facts['parts']]);
        self::assertSame(['Finish' => ['Steel', 'Copper'], 'Size' => ['18 cm', '24 cm']], $facts['options']);
        self::assertSame('3 to 6 days', $facts['days']);
    }

    #[TestWith(['Ash-handled NEW trowel', 'HOT SALE Trowel', 'Ash-handled NEW trowel'])]
    #[TestWith([null, 'HOT', 'HOT'])]
    #[TestWith([null, 'Linen tea towel', 'Linen tea towel'])]
    #[TestWith([null, 'Hand-thrown flower pots, a pair', 'Hand-thrown flower pots, a pair'])]
    #[TestWith([null, 'NEW 2026 Zorbing Widget BEST SELLER', 'Zorbing Widget'])]
    public function test_it_is_called_as_the_seller_says_or_as_a_clean_title_does(?string $own, string $title, string $name): void
    {
        self::assertSame($name, ItemFacts::of($title, $own, [], null, null)->name);
    }

    #[TestWith(['Twine Tin Dispenser with Cutter Metal String Holder Box Retro Garden Gift', 'twine tin'])]
    #[TestWith(['Glass Cloche Bell Jar Plant Cover Frost Protection Victorian Dome', 'cloche'])]
    #[TestWith(['Cold Frame Cover Replacement Glass Panel Wooden Small Balcony Frame', 'cold frame cover'])]
    #[TestWith(['Gardener Tool Bundle Multi Style Choose Trowel Gloves Twine', 'tool bundle'])]
    #[TestWith(['Zorbing Widget', ''])]
    public function test_a_thing_is_named_by_its_first_head(string $title, string $name): void
    {
        self::assertSame($name, TitleFacts::of($title)->name);
    }

    public function test_materials_go_to_what_they_are_of(): void
    {
        $fork = TitleFacts::of('Hand Fork Weeding Garden Three Tines Ash Wood Handle Premium');
        self::assertSame([[], ['an ash handle']], [$fork->materials, $fork->parts]);
        $frame = TitleFacts::of('Wooden Cold Frame Greenhouse Fir Polycarbonate Lid');
        self::assertSame([['fir'], ['a polycarbonate lid']], [$frame->materials, $frame->parts]);
        $gloves = TitleFacts::of('Goatskin Leather Gardening Gloves Thorn Proof Long Cuff');
        self::assertSame([['goatskin'], ['long cuffs'], ['thorn-proof']], [$gloves->materials, $gloves->parts, $gloves->features]);
        self::assertSame(['150 m'], TitleFacts::of('Jute Twine 150m Roll')->measures);
        self::assertSame(['15 cells'], TitleFacts::of('Seed Tray 15 Cell Plug')->measures);
    }

    #[TestWith(['Trowel', 'Made of wooden.', 'of wooden'])]
    #[TestWith(['Trowel shovel', 'A trowel.', 'two things at once'])]
    #[TestWith(['Trowel trowel', 'A trowel.', 'two things at once'])]
    #[TestWith(['Copper trowel', 'A trowel.', 'says “copper”'])]
    #[TestWith(['Trowel', 'It lasts 25 years.', 'says “25”'])]
    #[TestWith(['Trowel', 'A trowel of [material].', 'blank'])]
    public function test_a_draft_that_says_what_isnt_known_or_isnt_a_sentence_is_refused(
        string $title,
        string $words,
        string $says,
    ): void {
        $facts = ItemFacts::of('Hand Trowel Stainless Wood Handle 18cm', null, [], null, null);
        $faults = DraftCheck::faults($title, $words, $facts);
        self::assertNotSame([], $faults);
        self::assertStringContainsString($says, $faults[0]);
        self::assertSame([], DraftCheck::faults('Hand trowel', 'Of stainless steel, with a wooden handle, 18 cm.', $facts));
    }
}
