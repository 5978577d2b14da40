<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Shelves;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Shelves\Condition;
use WindowStall\Core\Shelves\ConditionGroup;
use WindowStall\Core\Shelves\Goods;
use WindowStall\Core\Shelves\Joined;
use WindowStall\Core\Shelves\Rule;
use WindowStall\Core\Shelves\RuleNotation;
use WindowStall\Core\Shelves\RuleUnreadable;
use WindowStall\Core\Shelves\RuleWords;
use WindowStall\Core\Shelves\ShelfField;

/** Which goods a rule puts on a shelf, and how it is written and read out. */
final class RuleTest extends TestCase
{
    /** @return iterable<string, array{Condition, Goods, bool}> */
    public static function clauses(): iterable
    {
        $pot = new Goods(
            tags: ['Peas', 'glut'],
            type: 'Pots',
            suppliers: ['7'],
            price: 1_250,
            keep: 410,
            marginBp: 3_280,
            stock: 5,
            buyable: true,
            newDays: 7,
            soldDays: null,
            options: ['Colour: Red', 'Size: L'],
            printed: false,
            postedFrom: ['GB'],
            days: 6,
            was: false,
        );
        $none = new Goods();

        yield 'a tag, whatever its letters’ case' => [Condition::among(ShelfField::Tag, ['peas']), $pot, true];
        yield 'any of several tags' => [Condition::among(ShelfField::Tag, ['beans', 'GLUT']), $pot, true];
        yield 'no tag of those' => [Condition::among(ShelfField::Tag, ['beans']), $pot, false];
        yield 'not a tag it hasn’t' => [Condition::among(ShelfField::Tag, ['beans'], not: true), $pot, true];
        yield 'its type' => [Condition::among(ShelfField::Type, ['pots']), $pot, true];
        yield 'no type is no type’s' => [Condition::among(ShelfField::Type, ['pots']), $none, false];
        yield 'its supplier' => [Condition::among(ShelfField::Supplier, ['7']), $pot, true];
        yield 'a price on the border' => [Condition::between(ShelfField::Price, 1_250, 2_000), $pot, true];
        yield 'a price below' => [Condition::between(ShelfField::Price, 1_251, null), $pot, false];
        yield 'no price lies nowhere' => [Condition::between(ShelfField::Price, null, 99), $none, false];
        yield 'and its opposite everywhere' => [Condition::between(ShelfField::Price, null, 99, not: true), $none, true];
        yield 'what is kept' => [Condition::between(ShelfField::Keep, 400, null), $pot, true];
        yield 'the margin' => [Condition::between(ShelfField::Margin, 3_281, null), $pot, false];
        yield 'pieces' => [Condition::between(ShelfField::Stock, 5, 5), $pot, true];
        yield 'what can be bought' => [Condition::is(ShelfField::Buyable), $none, false];
        yield 'new on the last day' => [Condition::within(ShelfField::New, 7), $pot, true];
        yield 'new no more' => [Condition::within(ShelfField::New, 6), $pot, false];
        yield 'what never sold' => [Condition::within(ShelfField::Sold, 3_650), $pot, false];
        yield 'a value of an option' => [Condition::among(ShelfField::Option, ['colour: red']), $pot, true];
        yield 'resold' => [Condition::is(ShelfField::Printed, not: true), $pot, true];
        yield 'posted from here' => [Condition::among(ShelfField::PostedFrom, ['gb']), $pot, true];
        yield 'there soon enough' => [Condition::within(ShelfField::Days, 6), $pot, true];
        yield 'without a was-price' => [Condition::is(ShelfField::Was), $pot, false];
    }

    #[DataProvider('clauses')]
    public function test_a_clause_holds_or_doesnt(Condition $clause, Goods $goods, bool $holds): void
    {
        self::assertSame($holds, $clause->holds($goods));
        self::assertSame(! $holds, $clause->negated()->holds($goods), 'its opposite is the opposite');
    }

    /** @return iterable<string, array{Joined, list<bool>, bool}> a table of decisions */
    public static function joined(): iterable
    {
        yield 'all of two that hold' => [Joined::All, [true, true], true];
        yield 'all, and one doesn’t' => [Joined::All, [true, false], false];
        yield 'any, and one does' => [Joined::Any, [true, false], true];
        yield 'any, and none does' => [Joined::Any, [false, false], false];
    }

    /** @param  list<bool>  $holding */
    #[DataProvider('joined')]
    public function test_parts_go_together(Joined $joined, array $holding, bool $in): void
    {
        $buyable = new Goods(buyable: true);
        $parts = array_map(static fn (bool $h): Condition => Condition::is(ShelfField::Buyable, not: ! $h), $holding);

        self::assertSame($in, (new Rule($joined, $parts))->holds($buyable));
        self::assertSame($in, (new Rule(Joined::All, [new ConditionGroup($joined, $parts)]))->holds($buyable));
    }

    public function test_what_is_in_is_out_of_the_opposite(): void
    {
        mt_srand(14);
        for ($n = 0; $n < 2_000; $n++) {
            $rule = RandomRules::rule();
            $goods = RandomRules::goods();

            self::assertSame($rule->holds($goods), ! $rule->negated()->holds($goods));
            self::assertEquals($rule, $rule->negated()->negated());
        }
    }

    public function test_a_rule_nobody_has_written_takes_nothing(): void
    {
        self::assertFalse((new Rule(Joined::All, []))->holds(new Goods(buyable: true)));
    }

    public function test_a_rule_reads_back_as_it_was_written(): void
    {
        mt_srand(15);
        $notation = new RuleNotation(Currency::of('GBP'));
        for ($n = 0; $n < 500; $n++) {
            $rule = RandomRules::rule();

            self::assertEquals($rule, $notation->read($notation->write($rule)));
        }
    }

    public function test_why_names_every_clause_and_whether_it_holds(): void
    {
        $rule = new Rule(Joined::All, [
            Condition::among(ShelfField::Tag, ['peas']),
            new ConditionGroup(Joined::Any, [Condition::is(ShelfField::Buyable), Condition::within(ShelfField::Days, 7)]),
        ]);
        $why = $rule->why(new Goods(tags: ['peas'], days: 9));

        self::assertSame([true, false, false], array_column($why, 'holds'));
    }

    public function test_a_rule_that_looks_at_the_calendar_says_so(): void
    {
        $quiet = new Rule(Joined::All, [Condition::is(ShelfField::Buyable)]);
        $moving = new Rule(Joined::All, [new ConditionGroup(Joined::Any, [Condition::within(ShelfField::New, 14)])]);

        self::assertFalse($quiet->moves());
        self::assertTrue($moving->moves());
    }

    public function test_it_reads_as_a_sentence(): void
    {
        $notation = new RuleNotation(Currency::of('GBP'));
        $words = new RuleWords($notation, '£', ['7' => 'Kilnfold'], ['GB' => 'United Kingdom']);
        $rule = $notation->read([
            'join' => 'all',
            'parts' => [
                ['field' => 'tag', 'names' => ['seed-sowing', 'peas']],
                ['field' => 'days', 'to' => '7'],
                ['field' => 'price', 'from' => '5', 'to' => '12.5'],
                ['field' => 'margin', 'from' => '32.5', 'not' => true],
                [
                    'join' => 'any',
                    'clauses' => [
                        ['field' => 'supplier', 'names' => ['7']],
                        ['field' => 'posted', 'names' => ['GB']],
                        ['field' => 'printed', 'not' => true],
                    ],
                ],
            ],
        ]);

        self::assertSame(
            'Goods that are tagged seed-sowing or peas, are with you within 7 days, cost £5.00 to £12.50, don’t leave a '.
                'margin of 32.5% or more, and come from Kilnfold, are posted from United Kingdom or aren’t printed to order',
            $words->rule($rule),
        );
        self::assertSame('£12.50', $words->had(ShelfField::Price, new Goods(price: 1_250)));
        self::assertSame('never sold', $words->had(ShelfField::Sold, new Goods()));
        self::assertSame('3 days ago', $words->had(ShelfField::New, new Goods(newDays: 3)));
        self::assertSame('Goods that nobody has described yet', $words->rule(new Rule(Joined::All, [])));
    }

    /** @return iterable<string, array{array<mixed>, string}> */
    public static function unreadable(): iterable
    {
        $one = static fn (array $clause): array => ['join' => 'all', 'parts' => [$clause]];

        yield 'no way to join' => [['parts' => []], 'for all of its parts or for any'];
        yield 'a field goods don’t have' => [$one(['field' => 'weight']), 'that goods don’t have'];
        yield 'no names' => [$one(['field' => 'tag', 'names' => ['  ', 5]]), 'Choose a tag'];
        yield 'too many names' => [$one(['field' => 'tag', 'names' => array_map(strval(...), range(1, 51))]), '50 names'];
        yield 'a name too long' => [$one(['field' => 'tag', 'names' => [str_repeat('é', 121)]]), '120 letters'];
        yield 'an open span' => [$one(['field' => 'price']), 'up to where'];
        yield 'a span turned round' => [$one(['field' => 'price', 'from' => '9', 'to' => '5']), 'lower one stands first'];
        yield 'no amount' => [$one(['field' => 'price', 'from' => 'cheap']), 'cheap'];
        yield 'no number' => [$one(['field' => 'margin', 'from' => 'good']), '“good” is no number'];
        yield 'an endless number' => [$one(['field' => 'stock', 'from' => '1e30']), 'more than anything'];
        yield 'no days' => [$one(['field' => 'new', 'to' => '-1']), 'number of days'];
        yield 'parts that are none' => [['join' => 'all', 'parts' => ['tag']], 'made of parts'];
        yield 'too many parts' => [
            ['join' => 'all', 'parts' => array_fill(0, 21, ['field' => 'was'])],
            'up to 20 parts',
        ];
    }

    /** @param  array<mixed>  $written */
    #[DataProvider('unreadable')]
    public function test_what_cant_be_followed_is_refused_in_words(array $written, string $says): void
    {
        $this->expectException(RuleUnreadable::class);
        $this->expectExceptionMessage($says);

        (new RuleNotation(Currency::of('GBP')))->read($written);
    }

    public function test_a_group_with_nothing_in_it_falls_away(): void
    {
        $rule = (new RuleNotation(Currency::of('GBP')))->read([
            'join' => 'all',
            'parts' => [['field' => 'was'], ['join' => 'any', 'clauses' => []]],
        ]);

        self::assertEquals(new Rule(Joined::All, [Condition::is(ShelfField::Was)]), $rule);
    }
}
