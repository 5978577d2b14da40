<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Feeds;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Feeds\BrokenText;
use WindowStall\Core\Feeds\Quotes;

final class QuotesTest extends TestCase
{
    #[TestWith(['a;b;c', Quotes::Closed])]
    #[TestWith(['', Quotes::Closed])]
    #[TestWith(['Pot 5" wide;4,20', Quotes::Closed], 'a mark inside a cell is a letter')]
    #[TestWith(['5";6";7"', Quotes::Closed])]
    #[TestWith(['"a;b";c', Quotes::Closed])]
    #[TestWith(['"say ""yes""";c', Quotes::Closed])]
    #[TestWith(['"";""', Quotes::Closed])]
    #[TestWith(['a; "b";c', Quotes::Closed], 'with a space before it')]
    #[TestWith(['"5" pot";4', Quotes::Closed], 'closed in the middle, in one line: as far as it goes')]
    #[TestWith(['"a', Quotes::Open])]
    #[TestWith(['a;"b;c', Quotes::Open])]
    #[TestWith(['a;"b""', Quotes::Open], 'a doubled mark closes nothing')]
    #[TestWith(["a;\"b\nc", Quotes::Open])]
    #[TestWith(["a;\"b\nc\";d", Quotes::Closed])]
    #[TestWith(["1;\"Pot;4\n2;\"Bowl\";5", Quotes::Astray], 'two rows that one open mark would glue together')]
    public function test_a_mark_opens_a_cell_only_where_the_cell_begins(string $row, Quotes $stand): void
    {
        self::assertSame($stand, Quotes::in($row, ';'));
    }

    public function test_whatever_is_written_as_rfc_4180_asks_is_closed(): void
    {
        mt_srand(7);
        $letters = ['a', '"', ';', "\n", ' ', 'é', ',', "\t"];
        for ($n = 0; $n < 3_000; $n++) {
            $cells = array_map(
                static fn (): string => implode('', array_map(
                    static fn (): string => $letters[mt_rand(0, count($letters) - 1)],
                    range(0, mt_rand(0, 8)),
                )),
                range(1, mt_rand(1, 5)),
            );
            $row = implode(';', array_map(static fn (string $c): string => '"'.str_replace('"', '""', $c).'"', $cells));
            self::assertSame(Quotes::Closed, Quotes::in($row, ';'), $row);
        }
    }

    public function test_a_cell_that_cant_be_taken_says_why_and_is_shown_without_the_sign(): void
    {
        self::assertNull(BrokenText::reason('Pot'));
        self::assertSame(BrokenText::REASON, BrokenText::reason('P'.BrokenText::SIGN.'t'));
        self::assertSame(BrokenText::REASON_OPEN, BrokenText::reason(BrokenText::OPEN_QUOTE.'1;"Pot'));
        self::assertSame('1;"Pot', BrokenText::shown(BrokenText::OPEN_QUOTE.'1;"Pot'));
    }
}
