<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Delivery\Quote;

use DateTimeImmutable;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Delivery\Places\Destination;
use WindowStall\Core\Delivery\Places\Place;
use WindowStall\Core\Delivery\Places\Postcodes;
use WindowStall\Core\Delivery\Places\Territory;
use WindowStall\Core\Delivery\Quote\CarrierRates;
use WindowStall\Core\Delivery\Quote\Dispatcher;
use WindowStall\Core\Delivery\Quote\ParcelQuote;
use WindowStall\Core\Delivery\Quote\QuotedGoods;
use WindowStall\Core\Delivery\Quote\Resolver;
use WindowStall\Core\Delivery\Quote\Stop;
use WindowStall\Core\Delivery\Quote\StopKind;
use WindowStall\Core\Delivery\Quote\WayQuote;
use WindowStall\Core\Delivery\Ways\CarrierCharge;
use WindowStall\Core\Delivery\Ways\CarrierService;
use WindowStall\Core\Delivery\Ways\CostCharge;
use WindowStall\Core\Delivery\Ways\FlatCharge;
use WindowStall\Core\Delivery\Ways\GoodsRule;
use WindowStall\Core\Delivery\Ways\MethodPreference;
use WindowStall\Core\Delivery\Ways\PlaceTerms;
use WindowStall\Core\Delivery\Ways\RuleBy;
use WindowStall\Core\Delivery\Ways\SplitCharge;
use WindowStall\Core\Delivery\Ways\Way;
use WindowStall\Core\Landing\Offer;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\Money;

/** Worked by hand with Oakum (1, from GB and DE) and Kilnfold (2, from GB). */
final class ResolverTest extends TestCase
{
    private static function gbp(int $minor): Money
    {
        return new Money($minor, Currency::of('GBP'));
    }

    /**
     * @param  list<string>  $tags
     * @param  array{string, string, int, int, int, int, 6?: int|null}  ...$offers  from, method, cost, days, stock, further
     */
    private static function goods(
        string $name,
        int $supplier,
        int $pieces,
        int $price,
        array $tags,
        array ...$offers,
    ): QuotedGoods {
        return new QuotedGoods(
            $name,
            $supplier,
            $pieces,
            300,
            self::gbp($price),
            self::gbp(intdiv($price, 3)),
            $tags,
            array_map(static fn (array $o): Offer => new Offer(
                $o[0],
                $o[1],
                self::gbp($o[2]),
                new DayRange($o[3], $o[4]),
                $o[5],
                isset($o[6]) ? self::gbp($o[6]) : null,
            ), array_values($offers)),
        );
    }

    private static function trowel(int $pieces = 1): QuotedGoods
    {
        return self::goods(
            'trowel',
            1,
            $pieces,
            1_250 * $pieces,
            ['tools'],
            ['GB', 'Plain', 230, 3, 9, 40, 60],
            ['GB', 'Tracked', 310, 2, 5, 40, 90],
            ['DE', 'Post', 180, 6, 12, 900, 40],
        );
    }

    private static function gloves(): QuotedGoods
    {
        return self::goods('gloves', 1, 1, 1_795, [], ['GB', 'Plain', 250, 3, 9, 12, 50], ['GB', 'Tracked', 290, 2, 5, 12, 80]);
    }

    private static function pots(): QuotedGoods
    {
        return self::goods('pots', 2, 2, 3_300, ['heavy'], ['GB', 'Carrier', 640, 1, 2, 7, 200]);
    }

    /** @param  list<GoodsRule>  $rules */
    private static function place(int $id, string $name, Territory $territory, array $rules, Way ...$ways): PlaceTerms
    {
        return new PlaceTerms(new Place($id, $name, [$territory]), array_values($ways), $rules);
    }

    /** @param  list<GoodsRule>  $rules  of the whole country */
    private static function resolver(array $rules = [], string $paid = '2026-12-01 10:00', ?Way ...$ways): Resolver
    {
        $flat = new FlatCharge(self::gbp(295));
        $uk = $ways === [] ? [
            new Way('plain', $flat, freeOver: self::gbp(4_000)),
            new Way('quick', new CostCharge(1_000_000, self::gbp(0)), SplitCharge::Sum, null, MethodPreference::Quickest),
        ] : array_values(array_filter($ways));

        return new Resolver([
            self::place(1, 'the United Kingdom', new Territory('GB'), $rules, ...$uk),
            self::place(2, 'the islands', new Territory('GB', postcodes: Postcodes::read('IV, ZE')), [
                new GoodsRule(RuleBy::Supplier, '2', null),
                new GoodsRule(RuleBy::Tag, 'Tools', self::gbp(150)),
            ], new Way('', new FlatCharge(self::gbp(595)), freeOver: self::gbp(1_000))),
            self::place(3, 'the Isle of Man', new Territory('IM'), []),
        ], [1 => new Dispatcher('Oakum', '14:00'), 2 => new Dispatcher('Kilnfold', null, new DayRange(1, 2))], new DateTimeImmutable($paid));
    }

    public function test_the_cheapest_way_leaves_from_where_it_is_cheapest(): void
    {
        $way = self::resolver()->resolve([self::trowel()], new Destination('GB'))->ways[0];
        self::assertSame(['DE', 'Post', 180], self::sent($way->parcels[0]));
        self::assertSame([295, 180], [$way->charge->minor, $way->cost()->minor]);
    }

    public function test_the_quickest_way_leaves_from_where_it_is_quickest_and_costs_what_the_parcel_costs(): void
    {
        $way = self::resolver()->resolve([self::trowel(3)], new Destination('GB'))->ways[1];
        self::assertSame(['GB', 'Tracked', 490], self::sent($way->parcels[0]), '3.10 and twice 0.90');
        self::assertSame(490, $way->charge->minor);
        self::assertSame(['Plain'], array_column($way->parcels[0]->others, 'name'));
    }

    #[TestWith([300, 'Plain', true], 'nothing is quick for so little')]
    #[TestWith([311, 'Tracked', false])]
    public function test_the_quickest_under_a_cost(int $under, string $method, bool $tooDear): void
    {
        $way = new Way('', new FlatCharge(self::gbp(295)), prefers: MethodPreference::Quickest, under: self::gbp($under));
        $goods = self::goods('rose', 1, 1, 900, [], ['GB', 'Plain', 300, 3, 9, 4], ['GB', 'Tracked', 310, 2, 5, 4]);
        $parcel = self::resolver([], '2026-12-01 10:00', $way)->resolve([$goods], new Destination('GB'))->ways[0]->parcels[0];
        self::assertSame([$method, $tooDear], [$parcel->method->name, $parcel->tooDear]);
    }

    public function test_a_carriers_rate_of_the_moment_counts_and_where_it_gives_none_the_stated_charge(): void
    {
        $way = new Way('', new CarrierCharge(CarrierService::Quick, self::gbp(100), self::gbp(995)), SplitCharge::Sum);
        $goods = [self::trowel(2), self::pots()];
        $to = new Destination('GB', null, 'AL4 7QT');
        $resolve = static fn (CarrierRates $rates): WayQuote => (new Resolver(
            [self::place(1, 'the United Kingdom', new Territory('GB'), [], $way)],
            [],
            new DateTimeImmutable('2026-12-01 10:00'),
            $rates,
        ))->resolve($goods, $to)->ways[0];

        $unknown = new CarrierRates();
        self::assertSame(2 * 995, $resolve($unknown)->charge->minor);
        $asked = $unknown->missing();
        self::assertCount(2, $asked, 'a parcel each');
        foreach ($asked as $one) {
            self::assertSame(['AL4 7QT', 0], [$one->to->postcode, $one->grams % 50]);
        }
        [$first, $second] = array_keys($asked);
        $both = $resolve(new CarrierRates([$first => ['quick' => self::gbp(410)], $second => ['quick' => self::gbp(620)]]));
        self::assertSame(410 + 100 + 620 + 100, $both->charge->minor);
        $one = new CarrierRates([$first => ['quick' => self::gbp(410)], $second => []]);
        self::assertSame(410 + 100 + 995, $resolve($one)->charge->minor);
        self::assertSame([], $one->missing(), 'that it gave none is known');
        // Another service's rate isn't this one's.
        self::assertSame(2 * 995, $resolve(new CarrierRates([$first => ['plain' => self::gbp(1)], $second => []]))->charge->minor);
    }

    public function test_what_one_warehouse_sends_is_one_parcel_by_a_method_that_takes_all(): void
    {
        $way = self::resolver()->resolve([self::trowel(), self::gloves(), self::pots()], new Destination('GB'))->ways[1];
        self::assertSame([[0, 1], [2]], array_map(static fn (ParcelQuote $p): array => $p->lines, $way->parcels));
        self::assertSame(['GB', 'Tracked', 390], self::sent($way->parcels[0]), '2.20 over its addition, 0.90, 0.80');
        self::assertSame(['GB', 'Carrier', 840], self::sent($way->parcels[1]));
        self::assertSame(600, $way->parcels[0]->load->grams);
    }

    public function test_goods_that_no_method_takes_together_go_apart(): void
    {
        $rose = self::goods('rose', 1, 1, 900, [], ['GB', 'Letter', 90, 1, 2, 4]);
        $rake = self::goods('rake', 1, 1, 900, [], ['GB', 'Long', 900, 1, 2, 4]);
        $way = self::resolver()->resolve([$rose, $rake], new Destination('GB'))->ways[0];
        self::assertSame([['GB', 'Letter', 90], ['GB', 'Long', 900]], array_map(self::sent(...), $way->parcels));
    }

    #[TestWith([1, 250, false])]
    #[TestWith([4, 250, true], 'five pounds and no less')]
    public function test_delivery_is_free_from_the_ways_value_on(int $trowels, int $unused, bool $free): void
    {
        $way = self::resolver()->resolve([self::trowel($trowels)], new Destination('GB'))->ways[0];
        self::assertSame([$free ? 0 : 295, $free], [$way->charge->minor, $way->isFree()]);
    }

    public function test_surcharges_stay_where_delivery_is_free(): void
    {
        $way = self::resolver()->resolve([self::trowel()], new Destination('GB', null, 'ZE1 0AA'))->ways[0];
        self::assertSame([595, 150, 150], [$way->plain->minor, $way->surcharge->minor, $way->charge->minor]);
    }

    public function test_goods_that_a_place_keeps_back_stop_the_basket_and_what_is_left_can_go(): void
    {
        $found = self::resolver()->resolve([self::pots(), self::trowel()], new Destination('GB', null, 'IV1 1AA'));
        self::assertSame('the islands', $found->nearest?->place->name);
        self::assertSame([], $found->ways);
        self::assertSame([[StopKind::Rule, 0]], self::stops($found->stops));
        self::assertSame([1], $found->without?->lines);
        self::assertSame([1], $found->without->ways[0]->parcels[0]->lines);
    }

    #[TestWith(['FR', null, StopKind::NoPlace])]
    #[TestWith(['IM', 'IM1 1AA', StopKind::NotSent])]
    public function test_where_nothing_is_sent(string $country, ?string $postcode, StopKind $why): void
    {
        $found = self::resolver()->resolve([self::trowel()], new Destination($country, null, $postcode));
        self::assertSame([[$why, null]], self::stops($found->stops));
        self::assertNull($found->without);
    }

    public function test_goods_that_their_supplier_doesnt_send_there_or_has_too_few_of(): void
    {
        $far = self::goods('urn', 2, 1, 900, []);
        $few = self::goods('cloche', 2, 5, 900, [], ['GB', 'Carrier', 400, 1, 2, 4]);
        $found = self::resolver()->resolve([$far, $few], new Destination('GB'));
        self::assertSame([[StopKind::Supplier, 0], [StopKind::Stock, 1]], self::stops($found->stops));
        self::assertNull($found->without, 'nothing is left');
    }

    public function test_what_lies_in_two_warehouses_is_shared_out_by_its_supplier(): void
    {
        $cloche = self::goods('cloche', 2, 5, 900, [], ['GB', 'Carrier', 400, 1, 2, 4], ['DE', 'Post', 500, 3, 4, 1]);
        self::assertCount(1, self::resolver()->resolve([$cloche], new Destination('GB'))->ways[0]->parcels);
        $more = self::goods('cloche', 2, 6, 900, [], ['GB', 'Carrier', 400, 1, 2, 4], ['DE', 'Post', 500, 3, 4, 1]);
        self::assertNotSame([], self::resolver()->resolve([$more], new Destination('GB'))->stops);
    }

    #[TestWith([RuleBy::Tag, 'TOOLS', true])]
    #[TestWith([RuleBy::Tag, 'tool', false])]
    #[TestWith([RuleBy::Heavier, '299', true])]
    #[TestWith([RuleBy::Heavier, '300', false])]
    #[TestWith([RuleBy::Supplier, '1', true])]
    #[TestWith([RuleBy::Supplier, '2', false])]
    public function test_a_rule_holds_some_goods(RuleBy $by, string $value, bool $holds): void
    {
        self::assertSame($holds, (new GoodsRule($by, $value, null))->holds(self::trowel()));
        $found = self::resolver([new GoodsRule($by, $value, null)])->resolve([self::trowel()], new Destination('GB'));
        self::assertSame($holds, $found->stops !== []);
    }

    #[TestWith(['2026-12-01 10:00', '2026-12-03', '2026-12-08'], 'Tuesday before two')]
    #[TestWith(['2026-12-01 14:00', '2026-12-04', '2026-12-09'], 'at two it is too late')]
    #[TestWith(['2026-12-24 13:00', '2026-12-30', '2027-01-05'], 'Christmas, its Boxing Monday and New Year')]
    public function test_dates_go_by_who_packs(string $paid, string $earliest, string $latest): void
    {
        $way = self::resolver([], $paid)->resolve([self::gloves()], new Destination('GB'))->ways[1];
        self::assertSame([$earliest, $latest], [$way->earliest()->format('Y-m-d'), $way->latest()->format('Y-m-d')]);
    }

    public function test_packing_adds_its_days(): void
    {
        $way = self::resolver()->resolve([self::pots()], new Destination('GB'))->ways[0];
        self::assertSame(['2026-12-03', '2026-12-07'], [
            $way->earliest()->format('Y-m-d'),
            $way->latest()->format('Y-m-d'),
        ], 'Tuesday and one to two days of packing, then one to two on the way');
    }

    public function test_an_empty_basket_goes_by_no_way(): void
    {
        self::assertSame([], self::resolver()->resolve([], new Destination('GB'))->ways);
    }

    /** @return array{string, string, int} */
    private static function sent(ParcelQuote $parcel): array
    {
        return [$parcel->warehouse, $parcel->method->name, $parcel->method->cost->minor];
    }

    /**
     * @param  list<Stop>  $stops
     * @return list<array{StopKind, int|null}>
     */
    private static function stops(array $stops): array
    {
        return array_map(static fn (Stop $stop): array => [$stop->kind, $stop->line], $stops);
    }
}
