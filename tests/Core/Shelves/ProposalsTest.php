<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Shelves;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Shelves\Candidate;
use WindowStall\Core\Shelves\Overlap;
use WindowStall\Core\Shelves\Proposals;
use WindowStall\Core\Shelves\ShelfField;
use WindowStall\Core\Shelves\Word;

/** Which shelves are worth having. */
final class ProposalsTest extends TestCase
{
    public function test_what_houses_most_goods_that_stand_nowhere_comes_first(): void
    {
        $chosen = Proposals::choose(
            [
                new Candidate(ShelfField::Tag, 'peas', [1, 2, 3, 4]),
                new Candidate(ShelfField::Type, 'Pots', [5, 6, 7]),
                new Candidate(Word::OfTitles, 'slate', [7, 8, 9]),
            ],
            [[1, 2, 3]],
            all: 30,
        );

        self::assertSame(['Pots', 'slate', 'peas'], array_map(static fn ($c) => $c['candidate']->name, $chosen));
        self::assertSame([3, 2, 1], array_column($chosen, 'homeless'), 'counted as if those before were taken');
    }

    public function test_what_nearly_stands_already_isnt_proposed_nor_twice(): void
    {
        $chosen = Proposals::choose(
            [
                new Candidate(ShelfField::Type, 'Pots', [1, 2, 3, 4, 5]),
                new Candidate(ShelfField::Tag, 'pots', [1, 2, 3, 4, 5]),
                new Candidate(ShelfField::Tag, 'tools', [6, 7, 8, 9]),
            ],
            [[6, 7, 8, 9, 10]],
            all: 30,
        );

        self::assertSame(['Pots'], array_map(static fn ($c) => $c['candidate']->name, $chosen));
    }

    public function test_too_few_or_nearly_all_goods_make_no_shelf(): void
    {
        $candidates = [
            new Candidate(ShelfField::Tag, 'rare', [1, 2]),
            new Candidate(ShelfField::Tag, 'everything', range(1, 7)),
        ];

        self::assertSame([], Proposals::choose($candidates, [], all: 10));
    }

    #[TestWith([8, 9, 9, true], 'eight of ten')]
    #[TestWith([7, 9, 9, false], 'seven of eleven')]
    #[TestWith([0, 0, 0, false], 'two empty ones aren’t the same')]
    public function test_two_shelves_are_nearly_the_same(int $both, int $one, int $other, bool $same): void
    {
        self::assertSame($same, Overlap::nearlySame($both, $one, $other));
    }
}
