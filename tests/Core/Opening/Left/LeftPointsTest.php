<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Opening\Left;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Opening\Left\LeftFacts;
use WindowStall\Core\Opening\Left\LeftPoint;
use WindowStall\Core\Opening\Left\Named;
use WindowStall\Core\Opening\Left\Points\EarnsThere;
use WindowStall\Core\Opening\Left\Points\FrontPage;
use WindowStall\Core\Opening\Left\Points\GoodsGetThere;
use WindowStall\Core\Opening\Left\Points\GoodsInWindow;
use WindowStall\Core\Opening\Left\Points\GoodsToBeHad;
use WindowStall\Core\Opening\Left\Points\KeepsEnough;
use WindowStall\Core\Opening\Left\Points\LeadsSomewhere;
use WindowStall\Core\Opening\Left\Points\LettersSpeak;
use WindowStall\Core\Opening\Left\Points\MoneyIsTaken;
use WindowStall\Core\Opening\Left\Points\OwnWords;
use WindowStall\Core\Opening\Left\Points\PicturesSaid;
use WindowStall\Core\Opening\Left\Points\PoliciesRead;
use WindowStall\Core\Opening\Left\Points\PoliciesTrue;
use WindowStall\Core\Opening\Left\Points\ReadsOnPhone;
use WindowStall\Core\Opening\Left\Points\Rehearsed;
use WindowStall\Core\Opening\Left\Points\SeenElsewhere;
use WindowStall\Core\Opening\Left\Points\SuppliersAnswer;
use WindowStall\Core\Opening\Left\Points\TaxSaid;
use WindowStall\Core\Opening\Left\Points\TitlesFit;
use WindowStall\Core\Opening\Left\Points\WayThere;
use WindowStall\Core\Opening\Left\Points\WhoRunsIt;
use WindowStall\Core\Opening\Rehearsal\Roll;
use WindowStall\Core\Opening\Rehearsal\RolledShopper;
use WindowStall\Core\Opening\Rehearsal\RolledStep;
use WindowStall\Core\Opening\Rehearsal\StepKind;
use WindowStall\Core\Opening\Rehearsal\StepOutcome;
use WindowStall\Core\Payment\PayMethod;

/** Each point appears where something is left of it, and vanishes where nothing is. */
final class LeftPointsTest extends TestCase
{
    /** @return iterable<string, array{LeftPoint, array<string, mixed>, string, string}> point, facts, weight, head */
    public static function points(): iterable
    {
        $two = ['Twine', 'Pot'];

        yield 'nothing to buy' => [new GoodsInWindow, ['goods' => 0], 'stops', 'Nothing is in the window'];
        yield 'some sold out' => [new GoodsToBeHad, ['soldOut' => $two], 'pity', '2 of 4 things can’t be bought'];
        yield 'all sold out' => [new GoodsToBeHad, ['goods' => 2, 'soldOut' => $two], 'stops', 'Nothing in the window can be bought'];
        yield 'one under its floor' => [new KeepsEnough, ['underFloor' => ['Pot']], 'pity', 'One of the goods keeps less than you ask'];
        yield 'several under' => [new KeepsEnough, ['underFloor' => $two], 'pity', '2 goods keep less than you ask'];
        yield 'no place there' => [new WayThere, ['unreached' => ['Ireland']], 'stops', 'Nothing is sent to Ireland'];
        yield 'one too heavy' => [new GoodsGetThere, ['holes' => ['Ireland' => ['Pot']]], 'pity', 'Pot can’t be sent to Ireland'];
        yield 'several' => [new GoodsGetThere, ['holes' => ['Ireland' => $two]], 'pity', '2 things can’t be sent to Ireland'];
        yield 'none gets there' => [
            new GoodsGetThere, ['holes' => ['The isles' => ['Pot'], 'Ireland' => ['a', 'b', 'c', 'd']]], 'stops', 'Nothing can be sent to Ireland',
        ];
        yield 'one loses' => [new EarnsThere, ['losses' => ['Ireland' => ['Pot']]], 'pity', 'Pot loses money when sent to Ireland'];
        yield 'several lose' => [new EarnsThere, ['losses' => ['Ireland' => $two]], 'pity', '2 things lose money when sent to Ireland'];
        yield 'tax' => [new TaxSaid, ['taxUnsaid' => ['Ireland']], 'pity', 'The tax of Ireland isn’t said'];
        yield 'no way to pay' => [new MoneyIsTaken, ['paid' => false], 'stops', 'Nobody can pay'];
        yield 'payment is tried' => [new MoneyIsTaken, ['live' => false], 'stops', 'Payment still runs as a test'];
        yield 'nobody' => [new WhoRunsIt, ['unnamed' => ['your address']], 'stops', 'Shoppers can’t tell who you are'];
        yield 'a policy waits' => [new PoliciesRead, ['unpublished' => ['Returns']], 'stops', 'Returns can’t be read yet'];
        yield 'a policy is old' => [new PoliciesTrue, ['outdated' => ['Delivery']], 'stops', 'Delivery says what isn’t so any more'];
        yield 'front page' => [new FrontPage, ['published' => false], 'stops', 'The front page was never published'];
        yield 'one drafted text' => [new OwnWords, ['untouched' => 1], 'stops', 'One text still reads as the program drafted it'];
        yield 'drafted texts' => [new OwnWords, ['untouched' => 6], 'stops', '6 texts still read as the program drafted them'];
        yield 'a link' => [new LeadsSomewhere, ['nowhere' => ['the front page' => ['Gifts']]], 'pity', 'A link leads nowhere'];
        yield 'links' => [new LeadsSomewhere, ['nowhere' => ['the front page' => $two]], 'pity', 'Links lead nowhere'];
        yield 'pictures' => [new PicturesSaid, ['wordless' => $two], 'pity', 'Pictures say only their name to those who don’t see them'];
        yield 'a title' => [new TitlesFit, ['longTitles' => ['Twine']], 'pity', 'Search engines cut 1 title'];
        yield 'a supplier' => [new SuppliersAnswer, ['failing' => ['Oakum' => 'It didn’t answer.']], 'stops', 'Something is amiss with Oakum'];
        $stuck = self::roll(new RolledStep(StepKind::Address, 8_000, StepOutcome::Broken, 'No way there.', 'We can’t send it.'));
        $stop = 'A shopper of the rehearsal got stuck at the checkout';
        $said = 'What you say in letters isn’t said in every language';
        yield 'a letter in one language' => [new LettersSpeak, ['unspoken' => ['“thanks” in German']], 'pity', $said];
        $phone = ['phone' => ['The hero’s words are too small.']];
        yield 'on a phone' => [new ReadsOnPhone, $phone, 'pity', 'One thing could be better of the front page on a phone'];
        yield 'plain pages' => [new SeenElsewhere, ['plain' => ['/about: no words describe it']], 'pity', '1 page could be shown better elsewhere'];
        yield 'never rehearsed' => [new Rehearsed, [], 'pity', 'Nobody has bought anything yet, not even as a test'];
        yield 'changed since' => [new Rehearsed, ['rehearsed' => self::roll(), 'changed' => true], 'pity', 'No rehearsal since the last change'];
        yield 'somebody stuck' => [new Rehearsed, ['rehearsed' => $stuck], 'stops', $stop];
        yield 'stuck, and changed since' => [new Rehearsed, ['rehearsed' => $stuck, 'changed' => true], 'stops', $stop];
        yield 'no supplier' => [new SuppliersAnswer, ['suppliers' => 0], 'stops', 'No supplier is connected'];
    }

    /** @param  array<string, mixed>  $facts */
    #[DataProvider('points')]
    public function test_a_point_appears_and_vanishes(LeftPoint $point, array $facts, string $weight, string $head): void
    {
        $item = $point->left(new LeftFacts(...$facts + ['goods' => 4]));
        self::assertSame([$weight, $head], [$item?->weight->value, $item?->head]);
        self::assertNotSame('', $item?->words);
        self::assertSame('', $point->stands(new LeftFacts(...$facts + ['goods' => 4])), 'it doesn’t stand at the same time');

        $well = new LeftFacts(goods: 4, rehearsed: self::roll(), phone: []);
        self::assertNull($point->left($well));
        self::assertNotSame('', $point->stands($well));
    }

    private static function roll(RolledStep ...$steps): Roll
    {
        return new Roll([new RolledShopper('IE', PayMethod::Card, array_values($steps))]);
    }

    public function test_what_has_no_goods_says_nothing_of_them(): void
    {
        $empty = new LeftFacts(goods: 0);
        foreach ([new GoodsToBeHad, new KeepsEnough, new GoodsGetThere, new EarnsThere, new PicturesSaid, new TitlesFit] as $point) {
            self::assertSame([null, ''], [$point->left($empty), $point->stands($empty)]);
        }
    }

    public function test_many_names_are_said_as_few(): void
    {
        self::assertSame(['a', 'a and b', 'a, b, c and d', 'a, b, c and 2 others'], [
            Named::few(['a']), Named::few(['a', 'b']), Named::few(['a', 'b', 'c', 'd']), Named::few(['a', 'b', 'c', 'd', 'e']),
        ]);
    }
}
