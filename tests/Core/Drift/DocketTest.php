<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Drift;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use WindowStall\Core\Drift\Change;
use WindowStall\Core\Drift\ChangeKind;
use WindowStall\Core\Drift\Docket\Docket;
use WindowStall\Core\Drift\Docket\Effect;
use WindowStall\Core\Drift\Docket\News;
use WindowStall\Core\Drift\Docket\Own;
use WindowStall\Core\Drift\Docket\Question;
use WindowStall\Core\Drift\Docket\Reckoned;
use WindowStall\Core\Drift\Docket\Sold;
use WindowStall\Core\Drift\Drift;
use WindowStall\Core\Drift\Standing;
use WindowStall\Core\Facts\Policies;
use WindowStall\Core\Source\Item;
use WindowStall\Tests\Core\Source\Items;

/** A trowel in two sizes that its supplier says this and that of; how the docket of its listing answers. */
final class DocketTest extends TestCase
{
    private const ITEM = 7;

    public function test_a_title_asks_once_goes_on_and_is_taken_back(): void
    {
        $docket = self::docket();
        $first = self::hear($docket, self::trowel(), self::trowel(title: 'Trowel HOT'));
        $second = self::hear($docket, self::trowel(title: 'Trowel HOT'), self::trowel(title: 'Trowel SALE'));
        self::assertSame(['title' => 'Hand trowel'], $docket->waiting());
        $third = self::hear($docket, self::trowel(title: 'Trowel SALE'), self::trowel());
        self::assertSame([['Noted title'], ['WentOn title'], ['TakenBack title']], [$first, $second, $third]);
        self::assertSame([], $docket->waiting());
    }

    public function test_where_the_sellers_own_word_stands_nothing_waits_and_each_change_is_history(): void
    {
        $docket = self::docket(own: new Own(title: true));
        self::hear($docket, self::trowel(), self::trowel(title: 'Trowel HOT'));
        $again = self::hear($docket, self::trowel(title: 'Trowel HOT'), self::trowel(title: 'Trowel SALE'));
        self::assertSame([['Noted title'], []], [$again, $docket->waiting()]);
    }

    public function test_a_cost_beyond_the_band_lets_its_price_wait_until_it_comes_back_into_it(): void
    {
        $docket = self::docket();
        $beyond = self::hear($docket, self::trowel(), self::trowel(a: 1_300));
        self::assertSame(['PriceWaits cost a', 'Noted cost a'], $beyond);
        self::assertTrue($docket->sold()['a']->waits);
        $within = self::hear($docket, self::trowel(a: 1_300), self::trowel(a: 1_050));
        self::assertSame(['PriceFree cost a', 'WentOn cost a'], $within);
        self::assertFalse($docket->sold()['a']->waits);
    }

    public function test_a_price_goes_on_waiting_while_its_delivery_asks(): void
    {
        $docket = self::docket(rules: ['delivery' => 'ask']);
        $dearer = new Change(ChangeKind::Delivery, 'a', 'a', '1.00 USD', '3.00 USD', said: 100, movedBp: 20_000);
        $docket->hearOfDelivery(self::ITEM, $dearer, 300);
        self::hear($docket, self::trowel(), self::trowel(a: 1_300));
        self::hear($docket, self::trowel(a: 1_300), self::trowel());
        self::assertTrue($docket->sold()['a']->waits, 'delivery still asks');
        $back = new Change(ChangeKind::Delivery, 'a', 'a', '3.00 USD', '1.00 USD', said: 300, movedBp: -6_667);
        $docket->hearOfDelivery(self::ITEM, $back, 100);
        self::assertFalse($docket->sold()['a']->waits);
    }

    public function test_a_price_that_has_none_yet_does_not_wait(): void
    {
        $docket = self::docket(sold: [new Sold('a', self::ITEM, 'a', priced: false)]);
        self::assertSame(['Noted cost a'], self::hear($docket, self::trowel(), self::trowel(a: 1_300)));
    }

    public function test_a_variant_that_was_gone_comes_back_at_another_cost(): void
    {
        $docket = self::docket();
        self::assertSame(['Noted variant_gone b'], self::hear($docket, self::trowel(), self::trowel(b: null)));
        $back = self::hear($docket, self::trowel(b: null), self::trowel(b: 1_050));
        self::assertSame(['TakenBack variant_gone b', 'Noted cost b'], $back);
    }

    public function test_by_rule_a_variant_is_taken_off_and_brought_in_with_its_price_by_hand(): void
    {
        $sold = [new Sold(1, self::ITEM, 'a'), new Sold(2, self::ITEM, 'b', byHand: true)];
        $docket = self::docket(rules: ['gone' => 'follow', 'new' => 'follow'], sold: $sold);
        $off = self::hear($docket, self::trowel(), self::trowel(b: null));
        self::assertSame([['Noted variant_gone b', 'CarriedOut variant_gone b'], [1]], [
            $off, array_keys($docket->sold()),
        ]);
        self::hear($docket, self::trowel(b: null), self::trowel());
        self::assertTrue($docket->sold()[2]->byHand);
    }

    /**
     * @param  array{option: string, values: list<string>}|null  $part
     * @param  list<string>  $sources
     * @param  list<string>  $expected
     */
    #[TestWith([null, [], ['Noted variant_new c']], 'asked about')]
    #[TestWith([null, ['c'], []], 'it stands behind another variant already')]
    #[TestWith([['option' => 'Clr', 'values' => ['c']], [], ['Noted variant_new c']], 'of this part')]
    #[TestWith([['option' => 'Clr', 'values' => ['a']], [], []], 'of another part of an item that was split')]
    public function test_a_new_variant(?array $part, array $sources, array $expected): void
    {
        $docket = self::docket(own: new Own(part: $part), sources: [self::ITEM => $sources]);
        self::assertSame($expected, self::hear($docket, self::trowel(), self::trowel(c: 900)));
    }

    public function test_an_item_that_seems_to_stand_there_under_another_code_comes_back_itself(): void
    {
        $docket = self::docket();
        $renamed = new Change(ChangeKind::ItemRenamed, null, 'The item', 'T1', 'T2', said: 'T2');
        self::assertSame(['Noted item_as'], self::hear($docket, self::trowel(), self::trowel(), $renamed));
        $back = self::hear($docket, self::trowel(), self::trowel(), Drift::back());
        self::assertSame(['TakenBack item_as', 'Noted item_back'], $back);
    }

    public function test_what_joins_a_listing_brings_no_title_of_its_own(): void
    {
        $news = new News(self::ITEM, self::trowel(), self::trowel(title: 'Other', a: 1_050), whole: false);
        self::assertSame([['a'], []], [$news->variants(), $news->newVariants()]);
    }

    /** @param  array<string, string>  $rules */
    #[TestWith([Standing::Followed, false, 2_000, 2_700, false, [], 'asks leaps'])]
    #[TestWith([Standing::Followed, false, 2_000, 2_500, false, [], 'followed'])]
    #[TestWith([Standing::Followed, true, 2_000, 2_700, false, [], 'followed'], 'by hand nothing leaps')]
    #[TestWith([Standing::Followed, false, null, 2_700, false, [], 'followed'], 'it had no price')]
    #[TestWith([Standing::Followed, false, 2_000, 0, false, [], 'followed'], 'it is not delivered')]
    #[TestWith([Standing::Kept, true, 2_000, 2_500, true, [], 'asks'])]
    #[TestWith([Standing::Kept, true, 2_000, 2_500, true, ['floor' => 'pause'], 'kept'])]
    #[TestWith([Standing::Kept, true, 2_000, 9_000, true, ['floor' => 'raise'], 'followed raised'])]
    #[TestWith([Standing::Asks, false, 2_000, 2_500, true, ['floor' => 'raise'], 'followed raised'])]
    #[TestWith([Standing::Asks, false, 2_000, 2_700, true, ['floor' => 'raise'], 'asks leaps'])]
    #[TestWith([Standing::Asks, false, 2_000, 2_700, true, [], 'asks'])]
    public function test_once_prices_are_made(
        Standing $stands,
        bool $byHand,
        ?int $was,
        int $is,
        bool $underFloor,
        array $rules,
        string $expected,
    ): void {
        $policies = static fn (): Policies => Policies::of(['for the stall' => $rules]);
        $reckoned = Reckoned::of($stands, $byHand, $was, $is, $underFloor, $policies);
        $marks = ($reckoned->leaps ? ' leaps' : '').($reckoned->raised ? ' raised' : '');
        self::assertSame($expected, $reckoned->standing->value.$marks);
    }

    /** Whatever is said night after night: asked once, waiting only over what is open, and said again nothing happens. */
    public function test_whatever_is_said(): void
    {
        foreach (range(1, 400) as $seed) {
            self::nights($seed);
        }
    }

    private static function nights(int $seed): void
    {
        $random = new Randomizer(new Mt19937($seed));
        $any = static fn (array $of): mixed => $of[$random->getInt(0, count($of) - 1)];
        $own = new Own(title: $any([true, false]), pictures: $any([true, false]));
        $sold = [new Sold('a', self::ITEM, 'a', byHand: $any([true, false])), new Sold('b', self::ITEM, 'b')];
        $docket = self::docket(
            own: $own,
            sold: $sold,
            rules: ['cost' => $any(['follow', 'ask', 'keep']), 'title' => $any(['follow', 'ask', 'keep'])],
        );
        $now = self::trowel();
        $questions = [];
        for ($night = 1; $night <= 12; $night++) {
            $before = $now;
            $now = self::trowel(
                title: $any(['Hand trowel', 'Trowel HOT']),
                a: $any([1_000, 1_050, 1_300, 2_000]),
                b: $any([null, 1_000, 1_300]),
                c: $any([null, 900]),
            );
            foreach ($docket->hear(new News(self::ITEM, $before, $now)) as $effect) {
                $questions[spl_object_id($effect->question)] = $effect->question;
            }
            self::assertSame([], $docket->hear(new News(self::ITEM, $now, $now)), "seed $seed, night $night, said again");
            self::holds($docket, $questions, $now, "seed $seed, night $night");
        }
    }

    /** @param  array<int, Question>  $questions */
    private static function holds(Docket $docket, array $questions, Item $now, string $when): void
    {
        $asks = array_filter($questions, static fn (Question $question): bool => $question->asks());
        $about = array_map(static fn (Question $one): string => $one->kind->value.' '.$one->variant, $asks);
        self::assertSame(array_unique($about), $about, "$when: asked once");
        $open = array_filter($questions, static fn (Question $one): bool => $one->asks() || $one->standing === Standing::Kept);
        $kinds = array_map(static fn (Question $one): string => $one->kind->value.' '.$one->variant, $open);
        foreach (array_keys($docket->waiting()) as $word) {
            self::assertContains($word.' ', $kinds, "$when: words wait over what is open");
        }
        foreach ($docket->sold() as $sold) {
            $sold->waits && self::assertContains('cost '.$sold->code, $kinds, "$when: a price waits over what is open");
        }
        foreach ($asks as $question) {
            $cost = $now->variant($question->variant)?->cost->minor;
            $true = match ($question->kind) {
                ChangeKind::Title => $question->said !== $now->title,
                ChangeKind::Cost => $cost === null || $question->said !== $cost,
                ChangeKind::VariantGone => $cost === null,
                ChangeKind::VariantNew => $cost !== null,
                default => true,
            };
            self::assertTrue($true, "$when: “{$question->kind->value}” is asked of what is so");
        }
    }

    /** @return list<string> what is to be done, as “Noted cost a” */
    private static function hear(Docket $docket, Item $agreed, Item $now, ?Change $offered = null): array
    {
        return array_map(
            static fn (Effect $effect): string => trim(
                $effect->kind->name.' '.$effect->question->kind->value.' '.$effect->question->variant,
            ),
            $docket->hear(new News(self::ITEM, $agreed, $now, offered: $offered)),
        );
    }

    /**
     * @param  list<Sold>|null  $sold
     * @param  array<string, string>  $rules
     * @param  array<int, list<string>>  $sources
     */
    private static function docket(
        Own $own = new Own,
        ?array $sold = null,
        array $rules = [],
        array $sources = [],
    ): Docket {
        return new Docket(
            own: $own,
            policies: [self::ITEM => Policies::of(['for the stall' => $rules])],
            sold: $sold ?? [new Sold('a', self::ITEM, 'a'), new Sold('b', self::ITEM, 'b')],
            sources: $sources,
        );
    }

    private static function trowel(
        string $title = 'Hand trowel',
        ?int $a = 1_000,
        ?int $b = 1_000,
        ?int $c = null,
    ): Item {
        $variants = [];
        foreach (array_filter(['a' => $a, 'b' => $b, 'c' => $c]) as $code => $cost) {
            $variants[] = Items::variant($code, cost: $cost, colour: $code);
        }

        return Items::item($variants, title: $title);
    }
}
