<?php

declare(strict_types=1);

namespace WindowStall\Counter\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Counter\Jobs\NoteDispute;
use WindowStall\Counter\Jobs\SettlePayment;
use WindowStall\Counter\Order;
use WindowStall\Counter\Payment\PaymentConnection;
use WindowStall\Counter\Payment\PaymentConnector;
use WindowStall\Stall\OneStall;

/**
 * Takes news from the payment service. Forged or stale news is refused; what it is about is asked for in the background as it
 * is now, so news that comes twice, late or out of order does no harm.
 */
final class PaymentHookController
{
    public function __invoke(Request $request, string $publicId, PaymentConnector $connector): JsonResponse
    {
        $stall = DB::scalar('SELECT payment_connection_of(?)', [$publicId]);
        if ($stall === null) {
            return new JsonResponse(['error' => 'The signature doesn’t fit.'], 403);
        }
        OneStall::enter((int) $stall);
        $connection = PaymentConnection::query()->findOrFail((int) $stall);
        $news = $connector->news($request, $connection->secret());
        $order = $news === null ? null : Order::query()->where('token', $news->reference)->first();
        if ($order !== null) {
            $connection->update(['heard_at' => now()]);
            $order->state === OrderState::AwaitingPayment
                ? SettlePayment::dispatch($order->id)
                : NoteDispute::dispatch($order->id);
        }
        OneStall::outside();

        return match (true) {
            $news === null => new JsonResponse(['error' => 'The signature doesn’t fit.'], 403),
            $order === null => new JsonResponse(['error' => 'No such order here.'], 404),
            default => new JsonResponse(['ok' => true]),
        };
    }
}
