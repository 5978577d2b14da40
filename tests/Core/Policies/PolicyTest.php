<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Policies;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Policies\MissingFact;
use WindowStall\Core\Policies\PolicyClause;
use WindowStall\Core\Policies\PolicyFacts;
use WindowStall\Core\Policies\PolicyKind;
use WindowStall\Core\Policies\Withdrawal;
use WindowStall\Core\Policies\WrittenPolicy;

/** Policies say what the stall does, all of it and nothing else. */
final class PolicyTest extends TestCase
{
    private const FULL = [
        'shop' => 'Quillet',
        'trader' => 'Ada Marl',
        'street' => '4 Dyke Lane',
        'town' => 'Aldermere',
        'postcode' => 'AL4 2QT',
        'country' => 'GB',
        'email' => 'hello@quillet.example',
        'phone' => null,
        'register' => null,
        'taxNumber' => null,
        'byLaw' => true,
        'sendsTo' => ['GB', 'IE', 'NL'],
        'postsFrom' => ['GB', 'DE'],
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
            $policy = WrittenPolicy::of($kind, self::facts());

            self::assertSame([], $policy->blanks(), $kind->value);
            self::assertSame(array_unique(self::keys($policy)), self::keys($policy), $kind->value);
        }
    }

    /** @return iterable<string, array{string, MissingFact, list<PolicyKind>}> */
    public static function blanks(): iterable
    {
        $all = PolicyKind::cases();

        yield 'who' => ['trader', MissingFact::Trader, [PolicyKind::Privacy, PolicyKind::Terms, PolicyKind::Legal]];
        yield 'street' => ['street', MissingFact::Street, [PolicyKind::Privacy, PolicyKind::Terms, PolicyKind::Legal]];
        yield 'e-mail' => ['email', MissingFact::Email, array_values(array_filter($all, static fn ($k) => $k !== PolicyKind::Terms))];
        yield 'days' => ['returnDays', MissingFact::ReturnDays, [PolicyKind::Returns]];
        yield 'who pays' => ['returnBy', MissingFact::ReturnBy, [PolicyKind::Returns]];
        yield 'years' => ['keepYears', MissingFact::KeepYears, [PolicyKind::Privacy]];
    }

    /** @param  list<PolicyKind>  $in */
    #[DataProvider('blanks')]
    public function test_what_isnt_said_is_a_blank_just_where_it_is_needed(string $fact, MissingFact $blank, array $in): void
    {
        foreach ([null, '  '] as $unsaid) {
            if ($unsaid !== null && in_array($fact, ['returnDays', 'keepYears'], true)) {
                continue;
            }
            foreach (PolicyKind::cases() as $kind) {
                $policy = WrittenPolicy::of($kind, self::facts([$fact => $unsaid]));

                self::assertSame(in_array($kind, $in, true) ? [$blank] : [], $policy->blanks(), $kind->value);
                $facts = array_merge(...array_map(static fn (PolicyClause $clause): array => $clause->facts, $policy->clauses));
                self::assertSame(in_array($kind, $in, true), array_key_exists($blank->value, $facts) && $facts[$blank->value] === null);
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

        $with = self::keys(WrittenPolicy::of($kind, self::facts($on)));
        $without = self::keys(WrittenPolicy::of($kind, self::facts($off + $on)));
        self::assertContains($key, $with);
        self::assertSame([$key], array_values(array_diff($with, $without)), 'and nothing else goes with it');
        self::assertSame([], array_diff($without, $with));
    }

    #[TestWith([null, null, 'delivery.depends'])]
    #[TestWith([0, null, 'delivery.free'])]
    #[TestWith([295, null, 'delivery.flat'])]
    #[TestWith([295, 5_000, 'delivery.free_over'])]
    public function test_delivery_costs_what_it_costs(?int $cost, ?int $freeOver, string $says): void
    {
        $money = static fn (?int $minor): ?Money => $minor === null ? null : Money::of($minor, 'GBP');
        $clause = self::clause(PolicyKind::Delivery, 'cost', ['delivery' => $money($cost), 'freeOver' => $money($freeOver)]);

        self::assertSame($says, $clause?->says);
        self::assertEquals(array_filter([
            'charge' => $cost > 0 ? $money($cost) : null,
            'over' => $money($freeOver),
        ]), $clause->facts);
    }

    /** @param  array<string, bool|string>  $facts */
    #[TestWith(['cookies', ['speaks' => false], 'privacy.cookies'])]
    #[TestWith(['cookies', ['speaks' => true], 'privacy.cookies_and_language'])]
    #[TestWith(['cookies', ['scripts' => 'Tallymark'], 'privacy.cookies_alone'])]
    #[TestWith(['cookies', ['speaks' => true, 'scripts' => 'Tallymark'], 'privacy.cookies_and_language_alone'])]
    #[TestWith(['scripts', ['scripts' => ''], null])]
    #[TestWith(['scripts', ['scripts' => 'Tallymark'], 'privacy.scripts'])]
    #[TestWith(['grown_up', ['grownUps' => false], null])]
    #[TestWith(['grown_up', ['grownUps' => true], 'privacy.grown_up'])]
    #[TestWith(['halves', ['halves' => false], null])]
    #[TestWith(['halves', ['halves' => true], 'privacy.halves'])]
    #[TestWith(['orders', ['asksPhone' => false], 'privacy.orders'])]
    #[TestWith(['orders', ['asksPhone' => true], 'privacy.orders_and_phone'])]
    public function test_what_is_kept_of_shoppers_is_said(string $key, array $facts, ?string $says): void
    {
        self::assertSame($says, self::clause(PolicyKind::Privacy, $key, $facts)?->says);
    }

    #[TestWith(['GB', 14])]
    #[TestWith(['NL', 14])]
    #[TestWith(['US', 0])]
    public function test_the_law_gives_time_to_cancel(string $country, int $days): void
    {
        self::assertSame($days, Withdrawal::leastDays($country));
    }

    /** @return list<string> */
    private static function keys(WrittenPolicy $policy): array
    {
        return array_map(static fn (PolicyClause $clause): string => $clause->key, $policy->clauses);
    }

    /** @param  array<string, mixed>  $facts */
    private static function clause(PolicyKind $kind, string $key, array $facts): ?PolicyClause
    {
        $clauses = array_filter(WrittenPolicy::of($kind, self::facts($facts))->clauses, static fn (PolicyClause $c): bool => $c->key === $key);

        return array_values($clauses)[0] ?? null;
    }

    /** @param  array<string, mixed>  $other */
    private static function facts(array $other = []): PolicyFacts
    {
        return new PolicyFacts(...$other + [
            'days' => new DayRange(3, 7),
            'delivery' => Money::of(295, 'GBP'),
            'freeOver' => Money::of(5_000, 'GBP'),
        ] + self::FULL);
    }
}
