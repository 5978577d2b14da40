<?php

declare(strict_types=1);

namespace WindowStall\Counter\Http;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use WindowStall\Core\UserMessage;
use WindowStall\Counter\Additions\AddToOrder;
use WindowStall\Counter\Jobs\OpenPayment;
use WindowStall\Counter\Order;
use WindowStall\Counter\Payment\PaymentService;
use WindowStall\Counter\Payment\PaymentTrouble;
use WindowStall\Shop\ShopStall;
use WindowStall\Support\Speech\Speech;

/** Something more into the parcel of an order that was just paid. */
final readonly class AdditionController
{
    /** Seconds that a shopper's request waits for the payment service. */
    private const PATIENCE = 2;

    public function __construct(private AddToOrder $add, private PaymentService $payment)
    {
    }

    public function store(Request $request, string $token): RedirectResponse
    {
        $stall = ShopStall::of($request);
        $order = Order::query()
            ->with(['lines', 'supplierOrders.connection'])
            ->where('stall_id', $stall->id)
            ->where('token', $token)
            ->firstOrFail();
        $seen = $stall->seenFrom($order->country)->speaking($order->language);
        try {
            $added = Speech::in($order->language, fn (): Order => ($this->add)($seen, $order, $request->integer('variant')));
            if ($added->paid_at !== null) {
                return redirect()->to('/orders/'.$added->token, 303);
            }
            $payAt = $this->payment->open($added, $stall, self::PATIENCE);
        } catch (PaymentTrouble $trouble) {
            if (! isset($added) || ! $trouble->isSlow()) {
                return redirect()->to('/orders/'.$token.'?addition=unpaid#addition', 303);
            }
            OpenPayment::dispatch($added->id);
            $payAt = '/orders/'.$added->token.'/pay';
        } catch (UserMessage) {
            return redirect()->to('/orders/'.$token.'?addition=over#addition', 303);
        }

        return redirect()->away($payAt, 303);
    }
}
