<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Words;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Words\TitleHelp;
use WindowStall\Core\Words\TitleNote;

final class TitleHelpTest extends TestCase
{
    /** @param  list<string>  $kinds */
    #[TestWith(['Ash-handled hand trowel', []])]
    #[TestWith(['Glass bell cloche, 22 cm', []])]
    #[TestWith(['Potato barrel 40L', []])]
    #[TestWith(['Trowel STL-01', ['code']])]
    #[TestWith(['Garden TROWEL', ['shouting']])]
    #[TestWith(['Hot new trowel', ['stuffing']])]
    #[TestWith(['Trowel for garden, a garden tool', ['stuffing']])]
    #[TestWith(['Trowel Shovel Digger Weeder Planter Scoop Spade Fork Rake Hoe', ['stuffing', 'long']])]
    #[TestWith(['Pot', ['short']])]
    #[TestWith(['', []])]
    public function test_what_a_shopper_would_stumble_over_is_named(string $title, array $kinds): void
    {
        self::assertSame($kinds, array_map(static fn (TitleNote $n): string => $n->kind, TitleHelp::about($title)));
    }

    public function test_what_can_be_bettered_is_bettered(): void
    {
        $instead = static fn (string $title): ?string => TitleHelp::about($title)[0]->instead;
        self::assertSame('Twine tin', $instead('Twine tin TT-200'));
        self::assertSame('Garden Trowel', $instead('Garden TROWEL'));
        self::assertSame('Garden Hand Trowel', $instead('2026 new Garden Hand Trowel best seller'));
    }

    public function test_a_title_that_another_listing_has_is_the_first_thing_said(): void
    {
        self::assertSame('same', TitleHelp::about('Twine tin', ['Trug', ' twine TIN '])[0]->kind);
        self::assertSame([], TitleHelp::about('Twine tin', ['Trug']));
    }
}
