<?php

declare(strict_types=1);

namespace WindowStall\Counter\Http;

use Illuminate\Http\Request;
use Illuminate\Http\Response;
use WindowStall\Counter\Order;
use WindowStall\Counter\Papers\OrderPaper;
use WindowStall\Counter\Papers\PaperPage;
use WindowStall\Shop\Http\ShopResponse;
use WindowStall\Shop\ShopStall;

/** The papers of an order, below its address that nobody can guess. */
final class OrderDocumentsController
{
    public function show(Request $request, string $token, string $paper): Response
    {
        [$order, $found] = self::find($request, $token, $paper);

        return ShopResponse::html(PaperPage::html(ShopStall::of($request), $order, $found), private: true);
    }

    public function pdf(Request $request, string $token, string $paper): Response
    {
        [$order, $found] = self::find($request, $token, $paper);

        return new Response(PaperPage::pdf(ShopStall::of($request), $order, $found), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => 'inline; filename="'.$found->name().'.pdf"',
            'Cache-Control' => 'no-store',
            'X-Content-Type-Options' => 'nosniff',
        ]);
    }

    /** @return array{Order, OrderPaper} */
    private static function find(Request $request, string $token, string $paper): array
    {
        $order = Order::of(ShopStall::of($request))->where('token', $token)->firstOrFail();
        $found = $order->papers->first(static fn (OrderPaper $one): bool => $one->name() === $paper) ?? abort(404);

        return [$order, $found];
    }
}
