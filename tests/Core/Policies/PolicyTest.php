<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Policies;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Policies\Blank;
use WindowStall\Core\Policies\Policy;
use WindowStall\Core\Policies\PolicyFacts;
use WindowStall\Core\Policies\PolicyKind;
use WindowStall\Core\Policies\Withdrawal;

/** Policies say what the stall does, all of it and nothing else. */
final class PolicyTest extends TestCase
{
    private const FULL = [
        'shop' => 'Quillet',
        'trader' => 'Ada Marl',
        'street' => '4 Dyke Lane',
        'town' => 'Aldermere',
        'postcode' => 'AL4 2QT',
        'country' => 'United Kingdom',
        'email' => 'hello@quillet.example',
        'phone' => null,
        'register' => null,
        'taxNumber' => null,
        'byLaw' => true,
        'sendsTo' => ['United Kingdom', 'Ireland', 'Netherlands'],
        'postsFrom' => ['United Kingdom', 'Germany'],
        'delivery' => '£2.95',
        'freeOver' => '£50.00',
        'promiseDays' => 10,
        'taxOnTop' => false,
        'printed' => true,
        'returnDays' => 30,
        'returnBy' => 'shopper',
        'keepYears' => 6,
        'letters' => true,
        'form' => true,
    ];

    public function test_what_is_known_is_said_and_nothing_is_left_blank(): void
    {
        foreach (PolicyKind::cases() as $kind) {
            $policy = Policy::of($kind, self::facts());

            self::assertSame([], $policy->blanks(), $kind->value);
            self::assertStringNotContainsString('[', implode(' ', $policy->words()));
            self::assertStringNotContainsString('{', implode(' ', $policy->words()));
            self::assertSame([], $policy->differs($policy->words()));
        }
    }

    /** @return iterable<string, array{string, Blank, list<PolicyKind>}> */
    public static function blanks(): iterable
    {
        $all = PolicyKind::cases();

        yield 'who' => ['trader', Blank::Trader, [PolicyKind::Privacy, PolicyKind::Terms, PolicyKind::Legal]];
        yield 'street' => ['street', Blank::Street, [PolicyKind::Privacy, PolicyKind::Terms, PolicyKind::Legal]];
        yield 'e-mail' => ['email', Blank::Email, array_values(array_filter($all, static fn ($k) => $k !== PolicyKind::Terms))];
        yield 'days' => ['returnDays', Blank::ReturnDays, [PolicyKind::Returns]];
        yield 'who pays' => ['returnBy', Blank::ReturnBy, [PolicyKind::Returns]];
        yield 'years' => ['keepYears', Blank::KeepYears, [PolicyKind::Privacy]];
    }

    /** @param  list<PolicyKind>  $in */
    #[DataProvider('blanks')]
    public function test_what_isnt_said_is_a_blank_just_where_it_is_needed(string $fact, Blank $blank, array $in): void
    {
        foreach ([null, '  '] as $unsaid) {
            if ($unsaid !== null && in_array($fact, ['returnDays', 'keepYears'], true)) {
                continue;
            }
            foreach (PolicyKind::cases() as $kind) {
                $policy = Policy::of($kind, self::facts([$fact => $unsaid]));

                self::assertSame(in_array($kind, $in, true) ? [$blank] : [], $policy->blanks(), $kind->value);
                self::assertSame(
                    in_array($kind, $in, true),
                    str_contains(implode(' ', $policy->words()), '['.$blank->words().']'),
                );
            }
        }
    }

    /** @return iterable<string, array{PolicyKind, string, array<string, mixed>}> a clause, and what makes it go */
    public static function clauses(): iterable
    {
        yield 'days' => [PolicyKind::Delivery, 'days', ['days' => null]];
        yield 'from where' => [PolicyKind::Delivery, 'from', ['postsFrom' => []]];
        yield 'printed' => [PolicyKind::Delivery, 'printed', ['printed' => false]];
        yield 'the law on returns' => [PolicyKind::Returns, 'law', ['byLaw' => false]];
        yield 'suppliers' => [PolicyKind::Privacy, 'suppliers', ['postsFrom' => []]];
        yield 'letters' => [PolicyKind::Privacy, 'letters', ['letters' => false]];
        yield 'the form' => [PolicyKind::Privacy, 'form', ['form' => false]];
        yield 'rights' => [PolicyKind::Privacy, 'rights', ['byLaw' => false]];
        yield 'a telephone' => [PolicyKind::Legal, 'phone', ['phone' => null]];
        yield 'a register' => [PolicyKind::Legal, 'register', ['register' => null]];
        yield 'a tax number' => [PolicyKind::Legal, 'tax', ['taxNumber' => null]];
        yield 'what the seller adds' => [PolicyKind::Terms, 'besides', ['besides' => []]];
    }

    /** @param  array<string, mixed>  $off */
    #[DataProvider('clauses')]
    public function test_a_clause_stands_there_exactly_when_its_setting_says_so(
        PolicyKind $kind,
        string $key,
        array $off,
    ): void {
        $on = ['phone' => '01 234', 'register' => 'No 7', 'taxNumber' => 'GB 1', 'besides' => ['terms' => 'Be kind.']];

        self::assertArrayHasKey($key, Policy::of($kind, self::facts($on))->words());
        $without = Policy::of($kind, self::facts($off + $on))->words();
        self::assertArrayNotHasKey($key, $without);
        self::assertSame(
            [$key],
            array_values(array_diff(array_keys(Policy::of($kind, self::facts($on))->words()), array_keys($without))),
            'and nothing else goes with it',
        );
    }

    #[TestWith([null, null, 'Delivery is free.'])]
    #[TestWith(['£2.95', null, 'Delivery costs £2.95 an order, however much you buy.'])]
    #[TestWith(['£2.95', '£50.00', 'Delivery costs £2.95 an order, and nothing from £50.00 on.'])]
    public function test_delivery_costs_what_it_costs(?string $cost, ?string $freeOver, string $says): void
    {
        $policy = Policy::of(PolicyKind::Delivery, self::facts(['delivery' => $cost, 'freeOver' => $freeOver]));

        self::assertSame($says, $policy->words()['cost'] ?? null);
    }

    public function test_a_setting_that_changed_is_named_with_the_sentence_that_says_otherwise(): void
    {
        $published = Policy::of(PolicyKind::Returns, self::facts())->words();
        $now = Policy::of(PolicyKind::Returns, self::facts(['returnDays' => 14, 'byLaw' => false]));

        self::assertSame([
            [
                'said' => 'You can send things back within 30 days of getting them, without saying why.',
                'now' => 'You can send things back within 14 days of getting them, without saying why.',
            ],
            ['said' => 'All this stands beside the rights the law gives you.', 'now' => ''],
        ], $now->differs($published));
    }

    #[TestWith(['GB', 14])]
    #[TestWith(['NL', 14])]
    #[TestWith(['US', 0])]
    public function test_the_law_gives_time_to_cancel(string $country, int $days): void
    {
        self::assertSame($days, Withdrawal::leastDays($country));
    }

    /** @param  array<string, mixed>  $other */
    private static function facts(array $other = []): PolicyFacts
    {
        return new PolicyFacts(...$other + ['days' => new DayRange(3, 7)] + self::FULL);
    }
}
