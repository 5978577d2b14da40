<?php

declare(strict_types=1);

namespace WindowStall\Counter\Http;

use Inertia\Inertia;
use Inertia\Response;
use WindowStall\Counter\Desk\Desk;
use WindowStall\Counter\Order;
use WindowStall\Counter\Views\OrderView;
use WindowStall\Stall\Stall;

/** The counter's desk, and one order whole. */
final class CounterController
{
    public function index(Stall $stall): Response
    {
        return Inertia::render('counter/CounterPage', ['desk' => Desk::of($stall)]);
    }

    public function show(Stall $stall, Order $order): Response
    {
        return Inertia::render('counter/OrderPage', ['order' => OrderView::of($stall, $order->load(OrderView::WITH))]);
    }
}
