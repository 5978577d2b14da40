<?php

declare(strict_types=1);

namespace WindowStall\Counter\Views;

use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Payment\PayMethod;
use WindowStall\Counter\Desk\OrderNeeds;
use WindowStall\Counter\Order;
use WindowStall\Counter\OrderFigures;
use WindowStall\Counter\OrderLine;
use WindowStall\Counter\Papers\OrderPaper;
use WindowStall\Counter\Refunds\GiveBack;
use WindowStall\Counter\Refunds\OrderRefundable;
use WindowStall\Counter\Refunds\Refund;
use WindowStall\Counter\Returns\OrderReturn;
use WindowStall\Counter\SupplierOrder;
use WindowStall\Counter\Told\TellShopper;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;
use WindowStall\Support\Views\MoneyView;

/** One order whole: what was bought, where each supplier stands, and what it earned. */
final readonly class OrderView
{
    /**
     * @param  list<OrderLineView>  $lines
     * @param  list<SupplierOrderView>  $supplierOrders
     * @param  list<NeedView>  $needs  what of it needs a person
     * @param  list<RefundView>  $refunds
     * @param  list<ReturnView>  $returns
     * @param  MoneyView  $refundable  all that can still be given back
     * @param  string  $home  the stall's currency
     * @param  string  $key  of a refund that is begun now: sent twice, it is one
     * @param  list<string>  $shared  why it comes from where it does, and what other ways would have come to
     * @param  list<string>  $address
     * @param  MoneyView|null  $discount  what codes took off, below nought
     * @param  string  $way  that the shopper chose; "" where there was one only
     * @param  string  $taxNote  which rates it bears, or that its buyer owes the tax
     * @param  list<PaperView>  $papers  invoices and credit notes
     * @param  list<string>  $told  what its shopper was mailed: "Thank you, 1 Dec 2026, 10:02"
     * @param  string  $paidBy  "By card", "By bank transfer, tried out only"
     * @param  string  $disputed  since when; "" where nobody disputes it
     * @param  MoneyView|null  $worth  the total in the stall's currency, where it was paid in another
     */
    public function __construct(
        public int $id,
        public int $number,
        public string $state,
        public string $stateWords,
        public string $when,
        public string $email,
        public array $address,
        public bool $isPerson,
        public array $told,
        public bool $unmailed,
        public array $papers,
        public array $lines,
        public MoneyView $goods,
        public ?MoneyView $discount,
        public string $way,
        public MoneyView $delivery,
        public MoneyView $tax,
        public MoneyView $total,
        public ?MoneyView $worth,
        public array $supplierOrders,
        public ?OrderStripView $strip,
        public array $needs,
        public array $refunds,
        public array $returns,
        public string $key,
        public array $shared,
        public bool $costConfirmed,
        public ?string $trouble,
        public string $statusUrl,
        public bool $canRefund,
        public MoneyView $refundable,
        public MoneyView $deliveryLeft,
        public string $home,
        public string $paidBy,
        public string $taxNote,
        public string $disputed,
    ) {
    }

    /** What of an order it is made of. */
    public const WITH = [
        'lines.supplierVariant',
        'lines.supplierOrder.connection',
        'supplierOrders.connection',
        'supplierOrders.lines.supplierVariant',
        'parcels.connection',
        'refunds',
        'returns.exchange',
        'papers',
        'stall',
    ];

    /** @param  Order  $order  {@see self::WITH} */
    public static function of(Stall $stall, Order $order): self
    {
        $left = OrderRefundable::of($order);
        $given = GivenWords::of($stall, $order);

        return new self(
            id: $order->id,
            number: $order->number,
            state: $order->state->value,
            stateWords: $order->state->words(),
            when: Clock::of($stall)->moment($order->created_at),
            email: $order->email,
            isPerson: $order->email !== '' && $order->paid_at !== null,
            address: [
                $order->name,
                $order->street,
                $order->address()['town'].' '.$order->postcode,
                \Symfony\Component\Intl\Countries::getName($order->country, 'en'),
                ...array_filter([$order->phone, $order->collected === '' ? '' : 'Fetched: '.$order->collected]),
            ],
            papers: array_values($order->papers->map(static fn (OrderPaper $paper): PaperView => PaperView::of($stall, $order, $paper))->all()),
            told: array_map(
                static fn (array $one): string => $one['kind']->words().', '.($one['trouble'] === ''
                    ? Clock::of($stall)->moment(Carbon::parse($one['at']))
                    : 'didn’t arrive'),
                TellShopper::told($order),
            ),
            unmailed: array_filter(array_column(TellShopper::told($order), 'trouble')) !== [],
            lines: array_values(
                $order->lines->map(static fn (OrderLine $l): OrderLineView => OrderLineView::of(
                    $order,
                    $l,
                    $left->pieces[$l->id] ?? 0,
                    $given[$l->id] ?? '',
                ))->all(),
            ),
            goods: MoneyView::of($order->goodsBefore()),
            discount: $order->discount_minor === 0 ? null : MoneyView::of($order->money(-$order->discount_minor)),
            way: $order->way,
            delivery: MoneyView::of($order->money($order->delivery_minor)),
            tax: MoneyView::of($order->money($order->tax_minor)),
            total: MoneyView::of($order->money($order->total_minor)),
            worth: $order->currency === $order->home_currency ? null : MoneyView::of($order->worth($order->total_minor)),
            supplierOrders: array_values(
                $order->supplierOrders
                    ->map(fn (SupplierOrder $s): SupplierOrderView => SupplierOrderView::of($stall, $order, $s))
                    ->all(),
            ),
            strip: self::isSettled($order)
                ? OrderStripView::of($order, OrderFigures::result($order), OrderFigures::confirmed($order))
                : null,
            needs: $order->state === OrderState::Paid ? OrderNeeds::of($stall, $order) : [],
            refunds: array_values($order->refunds->map(static fn (Refund $r): RefundView => RefundView::of($stall, $order, $r))->all()),
            returns: array_values($order->returns->map(static fn (OrderReturn $r): ReturnView => ReturnView::of($stall, $order, $r))->all()),
            key: (string) Str::uuid(),
            shared: SharedWords::of($order),
            costConfirmed: OrderFigures::confirmed($order),
            trouble: $order->trouble(),
            statusUrl: $stall->shopAddress('/orders/'.$order->token),
            canRefund: GiveBack::possible($order),
            refundable: MoneyView::of($order->money($left->left())),
            deliveryLeft: MoneyView::of($order->money($left->delivery())),
            home: $order->home_currency,
            taxNote: self::taxNote($order),
            paidBy: self::paidBy($order),
            disputed: $order->disputed_at === null ? '' : Clock::of($stall)->moment($order->disputed_at),
        );
    }

    private static function paidBy(Order $order): string
    {
        return $order->exchange_of !== null
            ? sprintf('By what came back of order %d', (int) Order::query()->whereKey($order->exchange_of)->value('number'))
            : PayMethod::from($order->pay_method)->words().($order->pay_live ? '' : ', tried out only');
    }

    private static function isSettled(Order $order): bool
    {
        return in_array($order->state, [OrderState::Paid, OrderState::Refunding, OrderState::Refunded], true);
    }

    private static function taxNote(Order $order): string
    {
        return $order->reverse_charge
            ? sprintf('Reverse charge: %s, %s, owes it.', $order->company, $order->tax_number)
            : implode('; ', array_map(
                static fn (array $tax): string => sprintf(
                    '%s on %s',
                    (new Rate($tax['rate']))->percent(),
                    MoneyView::text($order->money($tax['asked'])),
                ),
                $order->taxes,
            ));
    }
}
