<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Words;

use PHPUnit\Framework\TestCase;
use WindowStall\Core\Words\SearchCut;

/** What search engines have room for. */
final class SearchCutTest extends TestCase
{
    public function test_what_fits_stays_and_what_doesnt_ends_at_a_word(): void
    {
        $fits = SearchCut::of('Trowels', 'Ash and steel.');
        self::assertSame(['Trowels', 'Ash and steel.', false, false], array_values(get_object_vars($fits)));

        $long = SearchCut::of(str_repeat('garden ', 12), str_repeat('forged, ', 40));
        self::assertSame([true, true], [$long->titleCut, $long->wordsCut]);
        self::assertStringEndsWith('garden…', $long->title);
        self::assertStringEndsWith('forged…', $long->words);
        self::assertLessThanOrEqual(SearchCut::TITLE, mb_strwidth($long->title));
        self::assertLessThanOrEqual(SearchCut::WORDS, mb_strwidth($long->words));
    }

    public function test_one_endless_word_and_wide_letters_are_cut_too(): void
    {
        self::assertLessThanOrEqual(SearchCut::TITLE, mb_strwidth(SearchCut::of(str_repeat('x', 200), '')->title));
        self::assertLessThanOrEqual(SearchCut::TITLE, mb_strwidth(SearchCut::of(str_repeat('園', 80), '')->title));
    }
}
