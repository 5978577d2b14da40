<?php

declare(strict_types=1);

namespace WindowStall\Counter\Http;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Core\Dispatch\SupplierOrderState;
use WindowStall\Core\Payment\PayMethod;
use WindowStall\Counter\Additions\Additions;
use WindowStall\Counter\Cards\GiftCard;
use WindowStall\Counter\Following\Parcel;
use WindowStall\Counter\Giving\GivenFile;
use WindowStall\Counter\Jobs\OpenPayment;
use WindowStall\Counter\Jobs\SettlePayment;
use WindowStall\Counter\Order;
use WindowStall\Counter\Own\ChangeAddress;
use WindowStall\Counter\Own\ShopPages;
use WindowStall\Counter\Own\TrackLine;
use WindowStall\Counter\Payment\Trouble;
use WindowStall\Counter\Reservations;
use WindowStall\Counter\Returns\Instead;
use WindowStall\Counter\Returns\Returnable;
use WindowStall\Counter\SoldOut;
use WindowStall\Counter\SupplierOrder;
use WindowStall\Shop\Basket;
use WindowStall\Shop\BasketCookies;
use WindowStall\Shop\ShopStall;
use WindowStall\Stall\Stall;
use WindowStall\Support\Speech\Speech;
use WindowStall\Window\Policies\Particulars;

/** The shopper's own page of an order, at an address nobody can guess (256 random bits). */
final readonly class OrderController
{
    /** After so many seconds without an answer the payment is asked after again. */
    private const PATIENCE = 20;

    /** So long after paying the page looks once more by itself; seconds. */
    private const MOMENT = 8;

    public function __construct(private ShopPages $pages, private Reservations $reservations)
    {
    }

    public function show(Request $request, string $token): Response
    {
        $stall = ShopStall::of($request);

        return $this->shown($request, $stall, $this->find($stall, $token));
    }

    private function shown(Request $request, Stall $stall, Order $order): Response
    {
        $page = $this->page($stall, $order, 'order', 'till.order.number', [
            'order' => $order,
            'again' => $this->lookAgain($order),
            'writeTo' => Particulars::of($stall)->email,
            'returnable' => $returnable = Returnable::of($stall, $order),
            'instead' => Instead::choices($stall->speaking($order->language), $order, $returnable->pieces),
            'movable' => ChangeAddress::possible($order),
            'track' => static fn (Parcel $parcel): TrackLine => TrackLine::of($stall, $order, $parcel),
            'files' => GivenFile::all($order),
            'giftCards' => GiftCard::query()->whereIn('order_line_id', $order->lines->modelKeys())->orderBy('id')->get(),
            'told' => [
                'back' => $request->query('back'),
                'move' => $request->query('move'),
                'addition' => $request->query('addition'),
            ],
            'additions' => Additions::to($stall->seenFrom($order->country)->speaking($order->language), $order),
            'along' => $order->joins_order_id === null ? null : Order::query()->find($order->joins_order_id),
        ]);
        // What was bought lies in the basket no more; what was put in since does.
        $basket = Basket::find($request, $stall);
        $bought = $order->state === OrderState::Paid || $order->pending_since !== null;
        if ($bought && $basket?->id === $order->basket_id) {
            $left = (int) $basket->lines()->sum('quantity');
            // One whose transfer may still fail is kept, so that its goods can come back.
            $kept = $left > 0 || $order->pending_since !== null;
            foreach ($kept ? BasketCookies::of($basket, $left) : BasketCookies::emptied() as $cookie) {
                $page->withCookie($cookie);
            }
        }

        return $page;
    }

    /** On to the payment page, as soon as the payment service has opened one. */
    public function pay(Request $request, string $token): Response|RedirectResponse
    {
        $stall = ShopStall::of($request);
        $order = $this->find($stall, $token);
        if ($order->state !== OrderState::AwaitingPayment || $order->payment_trouble !== null) {
            return redirect()->to('/orders/'.$token, 303);
        }
        $framed = $request->has('framed') && $order->pay_method === PayMethod::Card->value && $order->payable()->minor > 0;
        if ($order->pay_at !== null) {
            return $framed
                ? $this->page($stall, $order, 'card-fields', 'till.pay.title', ['order' => $order, 'payAt' => $order->pay_at])
                : redirect()->away($order->pay_at, 303);
        }
        OpenPayment::dispatch($order->id);

        return $this->page($stall, $order, 'moment', 'till.moment.heading', [
            'again' => '/orders/'.$token.'/pay'.($framed ? '?framed=1' : ''),
        ]);
    }

    /**
     * Speaks as the shopper was spoken to when they ordered, whoever opens it and wherever.
     *
     * @param  array<string, mixed>  $data
     */
    private function page(Stall $stall, Order $order, string $view, string $title, array $data): Response
    {
        $number = (string) $order->number;

        return $this->pages->html(
            $stall,
            $order->language,
            $view,
            static fn (): string => Speech::say($title, number: $number),
            $data,
        );
    }

    /**
     * Where the payment page sends the shopper back to. The pieces are taken aside at once, so that who comes too late is told
     * by the answer; how the payment stands is asked in the background, so that no request waits for it, and lets them go again
     * where it wasn't approved. Loading this twice changes nothing twice.
     */
    public function paid(Request $request, string $token): Response|RedirectResponse
    {
        $stall = ShopStall::of($request);
        $order = $this->find($stall, $token);
        if ($order->state !== OrderState::AwaitingPayment || $order->payment_id === null) {
            return redirect()->to('/orders/'.$token, 303);
        }
        $gone = $this->takeAside($order);
        $order->update([
            'awaited_since' => now(),
            'payment_trouble' => $gone === null ? null : Trouble::SellingOut,
            'payment_trouble_name' => $gone,
        ]);
        SettlePayment::dispatch($order->id);

        return $gone === null ? redirect()->to('/orders/'.$token, 303) : $this->shown($request, $stall, $order);
    }

    /** @return string|null what can't be had any more */
    private function takeAside(Order $order): ?string
    {
        // What a transfer waits for is aside for days already.
        if ($order->pending_since !== null) {
            return null;
        }
        try {
            $this->reservations->make($order);
        } catch (SoldOut $out) {
            return $out->name;
        }

        return null;
    }

    /** Where the shopper's page looks next by itself; null when there is nothing to wait for. */
    private function lookAgain(Order $order): ?string
    {
        if ($order->state !== OrderState::AwaitingPayment) {
            return self::isBeingSent($order) ? '/orders/'.$order->token : null;
        }
        $still = $order->payment_trouble === Trouble::Slow;

        return match (true) {
            // The bank has it in hand; that takes days, not seconds.
            $order->pending_since !== null => null,
            $order->awaited_since !== null && $order->awaited_since->isAfter(now()->subSeconds(self::PATIENCE)) => '/orders/'.$order->token,
            // Nobody has looked yet, or the answer was lost: asked for again.
            $order->awaited_since !== null, $still => '/orders/'.$order->token.'/paid',
            default => null,
        };
    }

    /** Its suppliers are about to say whether something can be added; they have a moment. */
    private static function isBeingSent(Order $order): bool
    {
        return $order->paid_at?->isAfter(now()->subSeconds(self::MOMENT)) === true
            && $order->joins_order_id === null
            && $order->stall?->addition_minutes > 0
            && $order->supplierOrders->contains(static fn (SupplierOrder $row): bool => $row->state === SupplierOrderState::ToSend);
    }

    private function find(Stall $stall, string $token): Order
    {
        return Order::query()
            ->with(['stall', 'lines', 'supplierOrders.connection', 'parcels', 'refunds', 'returns.exchange.lines', 'papers'])
            ->where('stall_id', $stall->id)
            ->where('token', $token)
            ->firstOrFail();
    }
}
