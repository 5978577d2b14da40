<?php

declare(strict_types=1);

namespace WindowStall\Counter\Views;

use Illuminate\Support\Carbon;
use WindowStall\Bench\Views\SaleView;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Payment\PayMethod;
use WindowStall\Counter\Order;
use WindowStall\Counter\OrderFigures;
use WindowStall\Counter\OrderLine;
use WindowStall\Counter\Papers\OrderPaper;
use WindowStall\Counter\RefundOrder;
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
        public array $told,
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
        public ?SaleView $sale,
        public bool $costConfirmed,
        public ?string $trouble,
        public string $statusUrl,
        public bool $canRefund,
        public string $paidBy,
        public string $taxNote,
        public string $disputed,
    ) {
    }

    public static function of(Stall $stall, Order $order): self
    {
        return new self(
            id: $order->id,
            number: $order->number,
            state: $order->state->value,
            stateWords: $order->state->words(),
            when: Clock::of($stall)->moment($order->created_at),
            email: $order->email,
            address: [
                $order->name,
                $order->street,
                $order->address()['town'].' '.$order->postcode,
                \Symfony\Component\Intl\Countries::getName($order->country, 'en'),
                ...array_filter([$order->phone, $order->collected === '' ? '' : 'Fetched: '.$order->collected]),
            ],
            papers: array_values($order->papers->map(static fn (OrderPaper $paper): PaperView => PaperView::of($stall, $order, $paper))->all()),
            told: array_map(
                static fn (array $one): string => $one['kind']->words().', '.Clock::of($stall)->moment(Carbon::parse($one['at'])),
                TellShopper::told($order),
            ),
            lines: array_values(
                $order->lines->map(fn (OrderLine $l): OrderLineView => OrderLineView::of($order, $l))->all(),
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
                    ->map(fn (SupplierOrder $s): SupplierOrderView => SupplierOrderView::of($order, $s))
                    ->all(),
            ),
            sale: $order->state === OrderState::Paid
                ? SaleView::of('Order '.$order->number, OrderFigures::till($order))
                : null,
            costConfirmed: OrderFigures::confirmed($order),
            trouble: $order->trouble(),
            statusUrl: $stall->shopAddress('/orders/'.$order->token),
            canRefund: RefundOrder::possible($order),
            taxNote: self::taxNote($order),
            paidBy: PayMethod::from($order->pay_method)->words().($order->pay_live ? '' : ', tried out only'),
            disputed: $order->disputed_at === null ? '' : Clock::of($stall)->moment($order->disputed_at),
        );
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
