<?php

declare(strict_types=1);

namespace WindowStall\Counter\Http;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\RedirectResponse as Redirect;
use WindowStall\Core\Basket\Codes\TypedCode;
use WindowStall\Core\Payment\MethodTerms;
use WindowStall\Core\Payment\PayMethod;
use WindowStall\Core\UserMessage;
use WindowStall\Counter\Cards\CardsAtTill;
use WindowStall\Counter\CheckoutForm;
use WindowStall\Counter\Jobs\OpenPayment;
use WindowStall\Counter\Order;
use WindowStall\Counter\Payment\PaymentConnection;
use WindowStall\Counter\Payment\PaymentService;
use WindowStall\Counter\Payment\PaymentTrouble;
use WindowStall\Counter\PlaceOrder;
use WindowStall\Counter\Trying\TriedOrder;
use WindowStall\Offers\Code;
use WindowStall\Shop\Basket;
use WindowStall\Shop\BasketContents;
use WindowStall\Shop\GrownUp;
use WindowStall\Shop\Http\ShopResponse;
use WindowStall\Shop\PutGift;
use WindowStall\Shop\ShopRenderer;
use WindowStall\Shop\ShopStall;
use WindowStall\Shop\SignUps;
use WindowStall\Stall\Stall;
use WindowStall\Support\Http\Typed;
use WindowStall\Support\Speech\Speech;
use WindowStall\Window\Policies\PolicyVersion;

/** Address, delivery, tax, and on to payment. */
final readonly class CheckoutController
{
    /** Seconds that a shopper's request waits for the payment service. */
    private const PATIENCE = 2;

    public function __construct(private ShopRenderer $renderer)
    {
    }

    public function show(Request $request): Response|RedirectResponse
    {
        $stall = ShopStall::of($request);
        $basket = Basket::find($request, $stall);
        $contents = BasketContents::of($stall, $basket);
        if ($basket === null || $contents->entries === [] || $contents->unbuyable !== []) {
            return redirect()->to('/basket');
        }

        return $this->page($stall, $basket, $contents, CheckoutForm::blank($stall, $basket, $contents->delivery->to, $basket->way));
    }

    /** The checkout as somebody else filled it in; looked at by its shopper, and paid by nobody else. */
    public function filledIn(Stall $stall, Basket $basket, CheckoutForm $form): Response|RedirectResponse
    {
        $contents = BasketContents::of($stall, $basket, $form->destination(), null, $form->typed['email'] ?: null);

        return $contents->entries === []
            ? redirect()->to('/basket')
            : $this->page($stall, $basket, $contents, $form, implode(' ', $contents->troubles) ?: null);
    }

    public function store(
        Request $request,
        PlaceOrder $place,
        PaymentService $payment,
    ): Response|RedirectResponse|Redirect {
        $stall = ShopStall::of($request);
        $basket = Basket::find($request, $stall);
        $form = CheckoutForm::read($request, $stall);
        $elsewhere = $form->destination()->country !== ($basket?->destination($stall)->country);
        $code = $request->has('use') ? TypedCode::read(mb_substr(Typed::text($request, 'code'), 0, 200)) : null;
        $known = $code !== null && Code::isKnown($stall, $code);
        if ($known) {
            $basket?->takeCode($code);
            if ($basket !== null) {
                PutGift::of($stall, $basket, $code);
            }
        }
        if ($request->has('use') && ! $known && $basket !== null) {
            $known = CardsAtTill::take($stall, $basket, mb_substr(Typed::text($request, 'code'), 0, 200), (string) $request->ip());
        }
        $contents = BasketContents::of(
            $stall,
            $basket,
            $form->destination(),
            $form->way,
            $form->typed['email'] ?: null,
            $form->reverses(),
        );
        if ($basket === null || $contents->entries === []) {
            return redirect()->to('/basket');
        }
        $basket->sendTo($form->destination(), $form->way);
        if ($request->has('look') || $request->has('use')) {
            $unknown = $request->has('use') && ! $known ? [Speech::say('till.codes.none')] : [];
            $said = [...$contents->troubles, ...$unknown];

            return $this->page($stall, $basket, $contents, $form->unjudged(), implode(' ', $said) ?: null);
        }
        $form = $contents->delivery->way?->way->phone === true ? $form->withPhone() : $form;
        if ($form->errors !== []) {
            return $this->page($stall, $basket, $contents, $form, status: 422);
        }
        if ($contents->troubles !== []) {
            return $this->page($stall, $basket, $contents, $form, implode(' ', $contents->troubles), 409);
        }
        $age = $contents->fromAge();
        if (! GrownUp::is($request, $age) && $request->integer('grown_up') !== $age) {
            return $this->page($stall, $basket, $contents, $form, Speech::say('till.grown_up.say', age: (string) $age), 409);
        }
        if (! self::isAgreed($request, $stall, $contents)) {
            return $this->page(
                $stall,
                $basket,
                $contents,
                $form,
                Speech::say($elsewhere ? 'till.checkout.other_charge' : 'till.checkout.price_changed'),
                409,
            );
        }
        $cards = CardsAtTill::of($stall, $basket, $contents);
        if ($request->integer('cards') !== $cards->paid()->minor) {
            return $this->page($stall, $basket, $contents, $form, Speech::say('till.checkout.price_changed'), 409);
        }
        $free = $cards->left()->minor === 0;
        $by = $free ? PayMethod::Card : self::method(self::offered(PaymentConnection::of($stall), $stall, $contents), $form);
        if ($by === null) {
            return $this->page($stall, $basket, $contents, $form, Speech::say('till.checkout.choose_payment'), 409);
        }
        try {
            $order = $place($stall, $basket, $contents, $form->typed, $by, $age, $cards->pays);
            TriedOrder::note($stall, $order, $request);
            if ($form->news) {
                SignUps::agree($stall, $form->typed['email'], Speech::say('till.checkout.consent'), 'checkout');
            }
            $payAt = $this->payAt($payment, $order, $stall);

            // Where there is script, the payment service's fields stand in the shop's page.
            $framed = $by === PayMethod::Card && ! $free && $request->has('framed');

            return $payAt === null || $framed
                ? redirect()->to('/orders/'.$order->token.'/pay'.($framed ? '?framed=1' : ''), 303)
                : redirect()->away($payAt, 303);
        } catch (UserMessage $said) {
            return $this->page($stall, $basket, $contents, $form, $said->getMessage(), 503);
        }
    }

    /** @return list<PayMethod> by which it can be paid */
    private static function offered(PaymentConnection $connection, Stall $stall, BasketContents $contents): array
    {
        return array_map(
            static fn (MethodTerms $terms): PayMethod => $terms->method,
            $connection->offered(
                $stall,
                $contents->delivery->to->country,
                $contents->market->worth($contents->totals->total),
            ),
        );
    }

    /**
     * What was chosen, where it is offered; what there is no choice about; null where it has to be chosen.
     *
     * @param  list<PayMethod>  $offered
     */
    private static function method(array $offered, CheckoutForm $form): ?PayMethod
    {
        return match (true) {
            $form->by !== null && in_array($form->by, $offered, true) => $form->by,
            // Whoever asked for one that isn't offered there chooses again.
            $form->by !== null => null,
            default => $offered[0] ?? null,
        };
    }

    /** Whether the total that was shown is the one there is now: as many of the same currency. */
    private static function isAgreed(Request $request, Stall $stall, BasketContents $contents): bool
    {
        $currency = Typed::text($request, 'currency') ?: $stall->currency;

        return $request->integer('total') === $contents->totals->total->minor
            && $currency === $contents->market->currency->code;
    }

    /**
     * Where the shopper pays; null when the payment service dawdles. Then it is asked on in the background.
     *
     * @throws PaymentTrouble when nothing answers there
     */
    private function payAt(PaymentService $payment, Order $order, Stall $stall): ?string
    {
        try {
            return $payment->open($order, $stall, self::PATIENCE);
        } catch (PaymentTrouble $trouble) {
            if (! $trouble->isSlow()) {
                throw $trouble;
            }
            OpenPayment::dispatch($order->id);

            return null;
        }
    }

    private function page(
        Stall $stall,
        Basket $basket,
        BasketContents $contents,
        CheckoutForm $form,
        ?string $trouble = null,
        int $status = 200,
    ): Response {
        $stall = $stall->seenFrom($contents->delivery->to->country);
        $connection = PaymentConnection::of($stall);
        $methods = self::offered($connection, $stall, $contents);
        $cards = CardsAtTill::of($stall, $basket, $contents);

        return ShopResponse::html(
            $this->renderer->page($stall, $this->renderer->published($stall), 'checkout', [
                'title' => Speech::say('till.checkout.title'),
                'description' => Speech::say('till.checkout.about', shop: $stall->name),
                'basket' => $contents,
                'form' => $form,
                'trouble' => $trouble,
                'policies' => PolicyVersion::now($stall),
                'methods' => $cards->left()->minor === 0 ? [] : $methods,
                'cards' => $cards,
                'live' => $connection->live,
                'express' => ! isset($form->typed['email']) && ExpressController::isOffered($methods),
            ]),
            $status,
            private: true,
        );
    }
}
