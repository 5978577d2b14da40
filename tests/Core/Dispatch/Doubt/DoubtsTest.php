<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Dispatch\Doubt;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Dispatch\Doubt\DoubtFacts;
use WindowStall\Core\Dispatch\Doubt\Doubts;
use WindowStall\Core\Dispatch\Doubt\DoubtSign;

/** Which orders a person looks at before they go. */
final class DoubtsTest extends TestCase
{
    /** @param  list<string>  $signs */
    #[DataProvider('orders')]
    public function test_one_sign_of_weight_or_two_light_ones_hold_an_order(DoubtFacts $facts, array $signs): void
    {
        self::assertSame($signs, array_map(static fn (DoubtSign $sign): string => $sign->value, Doubts::of($facts)));
    }

    /** @return iterable<string, array{DoubtFacts, list<string>}> */
    public static function orders(): iterable
    {
        $usual = [...array_fill(0, 38, 2), 5, 40];
        yield 'nothing' => [new DoubtFacts(0, 'GB', 'GB', 'fennimore.example', 2, $usual), []];
        yield 'two cards' => [new DoubtFacts(2, 'GB', 'GB', 'fennimore.example', 2, $usual), []];
        yield 'three cards' => [new DoubtFacts(3, 'GB', 'GB', 'fennimore.example', 2, $usual), ['cards']];
        yield 'a card from elsewhere' => [new DoubtFacts(0, 'BR', 'GB', 'fennimore.example', 2, $usual), []];
        yield 'mail nobody keeps' => [new DoubtFacts(0, 'GB', 'GB', 'my-throwaway.example', 2, $usual), []];
        yield 'both' => [new DoubtFacts(0, 'BR', 'GB', 'trashmail.example', 2, $usual), ['far', 'mail']];
        yield 'a name that only sounds so' => [new DoubtFacts(0, 'BR', 'GB', 'ashmail.example', 2, $usual), []];
        yield 'three times what is usual' => [new DoubtFacts(0, null, 'GB', 'fennimore.example', 6, $usual), []];
        yield 'more than that' => [new DoubtFacts(0, null, 'GB', 'fennimore.example', 7, $usual), ['pieces']];
        yield 'few to compare with' => [new DoubtFacts(0, null, 'GB', 'fennimore.example', 90, [1, 1, 2]), []];
        yield 'somebody known' => [new DoubtFacts(0, 'BR', 'GB', 'trashmail.example', 90, $usual, known: true), []];
        yield 'somebody known with many cards' => [new DoubtFacts(4, 'GB', 'GB', 'a.example', 1, $usual, known: true), ['cards']];
    }
}
