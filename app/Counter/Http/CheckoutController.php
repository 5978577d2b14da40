<?php

declare(strict_types=1);

namespace WindowStall\Counter\Http;

use Illuminate\Contracts\Validation\Validator as ValidatorContract;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Validator;
use Symfony\Component\HttpFoundation\RedirectResponse as Redirect;
use WindowStall\Core\Delivery\Postcode;
use WindowStall\Core\Said;
use WindowStall\Counter\Jobs\OpenPayment;
use WindowStall\Counter\Order;
use WindowStall\Counter\Payment\PaymentService;
use WindowStall\Counter\Payment\PaymentTrouble;
use WindowStall\Counter\PlaceOrder;
use WindowStall\Shop\Basket;
use WindowStall\Shop\BasketContents;
use WindowStall\Shop\Http\ShopResponse;
use WindowStall\Shop\ShopRenderer;
use WindowStall\Shop\ShopStall;
use WindowStall\Stall\Stall;
use WindowStall\Support\Http\Typed;
use WindowStall\Window\Policies\PolicyVersion;

/** Address, delivery, tax, and on to payment. */
final readonly class CheckoutController
{
    /** Seconds that a shopper's request waits for the payment service. */
    private const PATIENCE = 2;

    private const RULES = [
        // An address within a machine's own network gets no letter of ours.
        'email' => ['required', 'email:rfc', 'max:190', 'regex:/@[^@\s]+\.\p{L}{2,}$/u'],
        'name' => 'required|string|max:120',
        'street' => 'required|string|max:200',
        'town' => 'required|string|max:120',
        'postcode' => 'required|string|max:20',
    ];

    private const WORDS = [
        'email.required' => 'Where may we write about the order?',
        'email.email' => 'That is no e-mail address.',
        'email.regex' => 'That is no e-mail address that can be reached.',
        'name.required' => 'Whose name goes on the parcel?',
        'street.required' => 'Which house and street?',
        'town.required' => 'Which town?',
        'postcode.required' => 'The postcode is missing.',
        'max' => 'That is too long: :max letters at most.',
    ];

    public function __construct(private ShopRenderer $renderer)
    {
    }

    public function show(Request $request): Response|RedirectResponse
    {
        $stall = ShopStall::of($request);
        $contents = BasketContents::of($stall, Basket::find($request, $stall));
        if ($contents->entries === [] || $contents->troubles !== []) {
            return redirect()->to('/basket');
        }

        return $this->page($stall, $contents, [], []);
    }

    public function store(
        Request $request,
        PlaceOrder $place,
        PaymentService $payment,
    ): Response|RedirectResponse|Redirect {
        $stall = ShopStall::of($request);
        $basket = Basket::find($request, $stall);
        $contents = BasketContents::of($stall, $basket);
        if ($basket === null || $contents->entries === []) {
            return redirect()->to('/basket');
        }
        $check = Validator::make($request->all(), self::RULES, self::WORDS);
        $check->after(static function (ValidatorContract $check) use ($request, $stall): void {
            $code = Typed::text($request, 'postcode');
            if (! $check->errors()->has('postcode') && Postcode::read($code, $stall->home_market) === null) {
                $check->errors()->add(
                    'postcode',
                    sprintf('That is no postcode of %s.', Stall::countrySaid($stall->home_market)),
                );
            }
        });
        /** @var array<string, string> $typed */
        $typed = array_map(
            static fn (mixed $v): string => is_string($v) ? $v : '',
            $request->only(array_keys(self::RULES)),
        );
        if ($check->fails()) {
            return $this->page(
                $stall,
                $contents,
                $typed,
                array_map(static fn (array $m): string => $m[0], $check->errors()->toArray()),
                status: 422,
            );
        }
        if ($contents->troubles !== []) {
            return $this->page($stall, $contents, $typed, [], implode(' ', $contents->troubles), 409);
        }
        if ($request->integer('total') !== $contents->totals->total->minor) {
            return $this->page(
                $stall,
                $contents,
                $typed,
                [],
                'A price changed while you were here. Look at the new total, then go on to pay.',
                409,
            );
        }
        try {
            $typed['postcode'] = Postcode::read($typed['postcode'], $stall->home_market) ?? $typed['postcode'];
            $order = $place($stall, $basket, $contents, $typed);
            $payAt = $this->payAt($payment, $order, $stall);

            return $payAt === null
                ? redirect()->to('/orders/'.$order->token.'/pay', 303)
                : redirect()->away($payAt, 303);
        } catch (Said $said) {
            return $this->page($stall, $contents, $typed, [], $said->getMessage(), 503);
        }
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
            if (! $trouble->slow) {
                throw $trouble;
            }
            OpenPayment::dispatch($order->id);

            return null;
        }
    }

    /**
     * @param  array<string, string>  $typed
     * @param  array<string, string>  $errors
     */
    private function page(
        Stall $stall,
        BasketContents $contents,
        array $typed,
        array $errors,
        ?string $trouble = null,
        int $status = 200,
    ): Response {
        return ShopResponse::html(
            $this->renderer->page($stall, $this->renderer->published($stall), 'checkout', [
                'title' => 'Checkout',
                'description' => 'Where it goes and what it comes to, at '.$stall->name.'.',
                'basket' => $contents,
                'typed' => $typed,
                'errors' => $errors,
                'trouble' => $trouble,
                'policies' => PolicyVersion::now($stall),
            ]),
            $status,
            private: true,
        );
    }
}
