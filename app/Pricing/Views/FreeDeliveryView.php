<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Views;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Landing\Landed;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Pricing\Offers\FreeDelivery;
use WindowStall\Core\Pricing\Offers\FreeDeliveryProposal;
use WindowStall\Pricing\RecentSales;
use WindowStall\Stall\Stall;
use WindowStall\Support\Views\MoneyView;

/** The two ways of sending free: from which basket value it pays for itself, and what it adds to each price. */
final readonly class FreeDeliveryView
{
    private const SHOWN = 12;

    /**
     * @param  MoneyView|null  $over  the basket value proposed
     * @param  list<string>  $figures  behind the proposal, in words
     * @param  MoneyView|null  $carried  what is built in now
     * @param  list<BuiltInView>  $builtIn  those whose price rises most in proportion
     */
    public function __construct(
        public ?MoneyView $over,
        public array $figures,
        public string $charged,
        public array $builtIn,
        public string $builtInWords,
        public ?MoneyView $carried,
    ) {
    }

    public static function of(Stall $stall): self
    {
        $terms = $stall->terms();
        $baskets = RecentSales::baskets($stall);
        $fromOrders = count($baskets) >= 5;
        if (! $fromOrders) {
            // Without orders to look at, every price in the list is taken for a basket of one piece.
            $baskets = array_values(
                self::rows($stall)
                    ->map(
                        static fn (\stdClass $r): array => [
                            'goods' => (int) $r->price_minor,
                            'landed' => (int) $r->landed_minor,
                        ],
                    )
                    ->all(),
            );
        }
        $proposal = FreeDelivery::over($baskets, $terms, 5 * $stall->currencyValue()->roundUnit());
        $variants = [];
        foreach (self::rows($stall) as $row) {
            [$now, $landed] = [
                $stall->money((int) $row->price_minor),
                Landed::of($stall->money((int) $row->landed_minor), $stall->money(0)),
            ];
            $then = FreeDelivery::builtIn($now, $landed, $terms);
            if ($then !== null) {
                $variants[] = [
                    'name' => (string) $row->name,
                    'now' => $now,
                    'then' => $then,
                    'bp' => $now->minor === 0 ? 0 : intdiv(($then->minor - $now->minor) * 10_000, $now->minor),
                ];
            }
        }
        usort($variants, static fn (array $a, array $b): int => $b['bp'] <=> $a['bp']);

        return new self(
            over: $proposal === null ? null : MoneyView::of($proposal->over),
            figures: $proposal === null
                ? [self::none($terms->charged, $variants !== [])]
                : self::figures($proposal, $fromOrders),
            charged: MoneyView::text($terms->charged),
            builtIn: array_map(
                static fn (array $v): BuiltInView => new BuiltInView(
                    name: $v['name'],
                    now: MoneyView::of($v['now']),
                    then: MoneyView::of($v['then']),
                    more: sprintf('+%d.%d%%', intdiv($v['bp'], 100), intdiv($v['bp'] % 100, 10)),
                ),
                array_slice($variants, 0, self::SHOWN),
            ),
            builtInWords: self::builtInWords($stall, $terms->charged, $variants),
            carried: MoneyView::ofNullable($stall->moneyOrNull($stall->built_in_minor)),
        );
    }

    /** @return \Illuminate\Support\Collection<int, \stdClass> up to 2,000 prices, drawn from everywhere in the list */
    private static function rows(Stall $stall): \Illuminate\Support\Collection
    {
        return DB::table('prices as p')
            ->join('listing_variants as v', 'v.id', '=', 'p.listing_variant_id')
            ->join('listings as l', 'l.id', '=', 'v.listing_id')
            ->join('supplier_variants as s', 's.id', '=', 'v.supplier_variant_id')
            ->where('p.stall_id', $stall->id)
            ->where('p.market', $stall->home_market)
            ->whereNull('l.deleted_at')
            ->where('v.own_on', true)
            ->where('p.price_minor', '>', 0)
            ->whereNotNull('p.landed_minor')
            ->orderByRaw('hashint8(p.listing_variant_id)')
            ->limit(2_000)
            ->selectRaw(
                "p.price_minor, p.landed_minor, l.shown_title || CASE WHEN s.label = '' THEN '' ELSE ', ' || s.label ".
                    'END AS name',
            )
            ->get();
    }

    /** @return list<string> */
    private static function figures(FreeDeliveryProposal $p, bool $fromOrders): array
    {
        return [
            $fromOrders
                ? sprintf(
                    '%d baskets of the last 90 days come to %s on average and keep %s.',
                    $p->orders,
                    MoneyView::text($p->usual),
                    MoneyView::text($p->keep),
                )
                : sprintf(
                    'There are too few orders to go by; %d prices of the list, one piece each, come to %s on average '.
                        'and keep %s.',
                    $p->orders,
                    MoneyView::text($p->usual),
                    MoneyView::text($p->keep),
                ),
            sprintf(
                'A basket of %s sent free keeps %s: whoever adds to get there has paid for the parcel.',
                MoneyView::text($p->over),
                MoneyView::text($p->then),
            ),
            sprintf('%d of them lie above it anyway and would each cost %s.', $p->above, MoneyView::text($p->cost)),
        ];
    }

    private static function none(Money $charged, bool $goods): string
    {
        return match (true) {
            $charged->minor === 0 => 'Delivery is free already.',
            ! $goods => 'A basket value is proposed here once something on the bench has a price.',
            default => 'No basket value makes up for the parcel: fuller baskets don’t keep enough.',
        };
    }

    /**
     * @param  list<array{name: string, now: Money, then: Money, bp: int}>  $variants  what it does to each, the most in
     *     proportion first
     */
    private static function builtInWords(Stall $stall, Money $charged, array $variants): string
    {
        return match (true) {
            $stall->built_in_minor !== null => sprintf(
                'Delivery of %s is built into every price that a recipe makes.',
                MoneyView::text($stall->money($stall->built_in_minor)),
            ),
            $charged->minor === 0 => 'Delivery isn’t charged now, so there is nothing to build in.',
            $variants === [] => 'What that does to each price stands here then.',
            default => sprintf(
                'Each price rises by %s to keep as much: +%s%% on the dearest goods, +%s%% on the cheapest.',
                MoneyView::text($variants[0]['then']->minus($variants[0]['now'])),
                self::tenths($variants[count($variants) - 1]['bp']),
                self::tenths($variants[0]['bp']),
            ),
        };
    }

    private static function tenths(int $bp): string
    {
        return intdiv($bp, 100).'.'.intdiv($bp % 100, 10);
    }
}
