<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Dispatch\Told;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Dispatch\Told\FactWords;

/** A seller's words, filled with what is known. */
final class FactWordsTest extends TestCase
{
    private const FACTS = ['name' => 'Ines', 'carrier' => 'Hollin Post', 'tracking' => '', 'total' => '£12.00'];

    #[TestWith(['Hello {name}.', 'Hello Ines.'], 'a fact')]
    #[TestWith(['It is posted. It goes by {carrier}, number {tracking}. Thank you!', 'It is posted. Thank you!'], 'one that isn’t known')]
    #[TestWith(['It is paid, {total}! Soon on {day}? Yes.', 'It is paid, £12.00! Yes.'], 'one that isn’t there at all')]
    #[TestWith(["Hello {name}\n\nNumber {tracking}\n\nBye", "Hello Ines\n\nBye"], 'a line of its own goes, and no hole stays')]
    #[TestWith(["Dear {name},\r\nthanks.", "Dear Ines,\nthanks."], 'lines of any system')]
    #[TestWith(['At £1.50 a piece, {name}.', 'At £1.50 a piece, Ines.'], 'a point in a figure ends nothing')]
    #[TestWith(['{tracking}', ''], 'nothing is left')]
    public function test_facts_are_filled_in_and_never_left_blank(string $words, string $said): void
    {
        self::assertSame($said, FactWords::fill($words, self::FACTS));
    }

    public function test_what_a_fact_says_is_no_fact_itself(): void
    {
        self::assertSame('Hello {total}.', FactWords::fill('Hello {name}.', ['name' => '{total}', 'total' => '£1']));
    }

    /** @param  list<string>  $strange */
    #[TestWith(['Hello {name}, {nmae} {Name} { name }', ['{nmae}', '{Name}', '{ name }']], 'misspelt')]
    #[TestWith(['Hello {name and {total}', ['{name and ']], 'not closed')]
    #[TestWith(['so :}', ['}']], 'not opened')]
    #[TestWith(['Hello {name}', []], 'known')]
    public function test_it_says_what_is_no_fact(string $words, array $strange): void
    {
        self::assertSame($strange, FactWords::strange($words, ['name', 'total']));
    }
}
