<?php

declare(strict_types=1);

namespace WindowStall\Shop\Http;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\Cookie;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Counter\Order;
use WindowStall\Counter\TakePayment;
use WindowStall\Shop\Basket;
use WindowStall\Shop\ShopRenderer;
use WindowStall\Shop\ShopStall;
use WindowStall\Stall\Stall;

/** The shopper's own page of an order, at an address nobody can guess (256 random bits). */
final readonly class OrderController
{
    public function __construct(private ShopRenderer $renderer)
    {
    }

    public function show(Request $request, string $token): Response
    {
        $stall = ShopStall::of($request);
        $order = $this->find($stall, $token);

        return ShopResponse::html($this->renderer->page($stall, $this->renderer->published($stall), 'order', ['title' => 'Order '.$order->number, 'order' => $order]), private: true);
    }

    /** Where the payment page sends the shopper back to. Loading it twice changes nothing twice. */
    public function paid(Request $request, string $token, TakePayment $take): RedirectResponse
    {
        $stall = ShopStall::of($request);
        $order = $take($this->find($stall, $token));
        $redirect = redirect()->to('/orders/'.$token, 303);
        if ($order->state === OrderState::Paid) {
            $redirect->withCookie(Cookie::create('basket_count', '0', now()->addDays(30), '/', null, $request->isSecure(), false, false, 'lax'))->withCookie(Cookie::create(Basket::COOKIE, '', now()->subDay()));
        }

        return $redirect;
    }

    private function find(Stall $stall, string $token): Order
    {
        return Order::query()->with(['lines', 'supplierOrders'])->where('stall_id', $stall->id)->where('token', $token)->firstOrFail();
    }
}
