<?php

declare(strict_types=1);

namespace WindowStall\Counter\Http;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\RedirectResponse as Redirect;
use Symfony\Component\HttpFoundation\Response;
use WindowStall\Core\Payment\PayMethod;
use WindowStall\Counter\CheckoutForm;
use WindowStall\Counter\Payment\PaymentService;
use WindowStall\Counter\Payment\PaymentTrouble;
use WindowStall\Shop\Basket;
use WindowStall\Shop\ShopStall;
use WindowStall\Support\Http\Typed;

/**
 * Lets the payment service fill in the address of a shopper whom it knows. They go there, say who they are, and come back to a
 * checkout that is filled in; what it comes to is agreed here, as ever.
 */
final readonly class ExpressController
{
    /** Seconds that a shopper's request waits for the payment service. */
    private const PATIENCE = 2;

    public function __construct(private PaymentService $payment, private CheckoutController $checkout)
    {
    }

    public function begin(Request $request): RedirectResponse|Redirect
    {
        $stall = ShopStall::of($request);
        if (Basket::find($request, $stall)?->lines()->exists() !== true) {
            return redirect()->to('/basket', 303);
        }
        try {
            return redirect()->away($this->payment->express($stall, self::PATIENCE)->openAt, 303);
        } catch (PaymentTrouble) {
            // Then they type it.
            return redirect()->to('/checkout', 303);
        }
    }

    public function comeBack(Request $request): Response|RedirectResponse
    {
        $stall = ShopStall::of($request);
        $wallet = Typed::text($request, 'wallet');
        $basket = Basket::find($request, $stall);
        try {
            $address = $basket === null || preg_match('/^\w{1,80}$/D', $wallet) !== 1
                ? null
                : $this->payment->brought($stall, $wallet, self::PATIENCE);
        } catch (PaymentTrouble) {
            $address = null;
        }
        if ($basket === null || $address === null) {
            return redirect()->to('/checkout', 303);
        }
        $form = CheckoutForm::brought($stall, $address, $wallet);
        $basket->sendTo($form->destination(), null);

        return $this->checkout->filledIn($stall, $basket, $form);
    }

    /** @param  list<PayMethod>  $offered */
    public static function isOffered(array $offered): bool
    {
        return in_array(PayMethod::Card, $offered, true);
    }
}
