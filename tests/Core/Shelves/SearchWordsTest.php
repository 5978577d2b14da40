<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Shelves;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Shelves\SearchWords;

/** What was typed becomes what is looked for, and nothing else. */
final class SearchWordsTest extends TestCase
{
    /** @param  list<string>  $words */
    #[TestWith(['  Ash-handled   TROWEL ', ['ash-handled', 'trowel']])]
    #[TestWith(["'; DROP TABLE & | ! :* <->", ['drop', 'table']])]
    #[TestWith(['%_\\', []])]
    #[TestWith(['pot pot Pot', ['pot']])]
    #[TestWith(['a b c d e f g h i j', ['a', 'b', 'c', 'd', 'e', 'f', 'g', 'h']])]
    public function test_only_words_are_taken(string $typed, array $words): void
    {
        self::assertSame($words, SearchWords::of($typed)->words);
    }

    public function test_five_kilobytes_are_cut_and_endless_words_left_out(): void
    {
        self::assertLessThanOrEqual(SearchWords::MOST, count(SearchWords::of(str_repeat('spade rake ', 500))->words));
        self::assertSame(['rake'], SearchWords::of(str_repeat('x', 41).' rake')->words);
    }

    public function test_all_words_are_asked_for_and_the_last_may_be_half_typed(): void
    {
        self::assertSame("((('ash')) & (('tro':*)))", SearchWords::of('ash tro')->query(prefix: true));
        self::assertSame('', SearchWords::of('')->query());
    }

    public function test_a_word_or_several_together_stand_for_what_means_the_same(): void
    {
        $words = SearchWords::of('small garden scissors');

        self::assertSame(
            ['small', 'small garden', 'small garden scissors', 'garden', 'garden scissors', 'scissors'],
            $words->runs(),
        );
        self::assertSame(
            "((('small') | ('mini')) & (('garden')) & (('scissors'))) | ((('small') | ('mini')) & (('flower' & 'snips')))",
            $words->query(['small' => ['mini'], 'garden scissors' => ['flower snips'], 'not there' => ['x']]),
        );
    }
}
