<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Shop;

use Illuminate\Support\Facades\Http;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use WindowStall\Bench\ListingVariant;
use WindowStall\Counter\Order;
use WindowStall\Shop\Basket;
use WindowStall\Shop\Http\SpeaksTheirs;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;

/** Someone buying without a script: forms posted to the shop, a payment at the payment stand-in. */
final class Shopper
{
    private ?string $basket = null;

    private ?string $language = null;

    public function __construct(private readonly AppTestCase $test, private readonly Stall $stall)
    {
    }

    /**
     * @param  array<string, mixed>  $with
     * @return TestResponse<Response>
     */
    public function put(ListingVariant $variant, int $quantity = 1, array $with = []): TestResponse
    {
        $response = $this->send(
            'post',
            '/basket',
            $with + ['listing' => $variant->listing_id, 'variant' => $variant->id, 'quantity' => $quantity],
        );
        foreach ($response->headers->getCookies() as $cookie) {
            if ($cookie->getName() === Basket::COOKIE) {
                $this->basket = $cookie->getValue();
            } elseif ($cookie->getName() === SpeaksTheirs::COOKIE) {
                $this->language = $cookie->getValue();
            }
        }

        return $response;
    }

    /**
     * @param  array<string, mixed>  $with
     * @return TestResponse<Response>
     */
    public function checkOut(array $with = []): TestResponse
    {
        preg_match('/name="total" value="(\d+)"/', (string) $this->send('get', '/checkout')->getContent(), $m);

        return $this->send(
            'post',
            '/checkout',
            $with + [
                'total' => $m[1] ?? 0,
                'email' => 'ines@fennimore.example',
                'name' => 'Ines Fennimore',
                'street' => '4 Pound Row',
                'town' => 'Aldermere',
                'postcode' => 'AL4 7QT',
            ],
        );
    }

    public function order(): Order
    {
        return Order::query()->where('stall_id', $this->stall->id)->latest('id')->firstOrFail();
    }

    /** Pays with a test card at the payment stand-in, and comes back to the shop unless told not to. */
    public function pay(Order $order, string $card = 'approves', bool $comeBack = true): Order
    {
        Http::asForm()
            ->withOptions(['allow_redirects' => false])
            ->timeout(15)
            ->post(config('stall.payment.address').'/pay/'.$order->payment_id, ['card' => $card])
            ->throw();
        if ($comeBack) {
            $this->comeBack($order);
        }

        return $order->refresh();
    }

    /** @return TestResponse<Response> */
    public function comeBack(Order $order): TestResponse
    {
        return $this->send('get', '/orders/'.$order->token.'/paid');
    }

    public function buy(ListingVariant $variant, int $quantity = 1): Order
    {
        $this->put($variant, $quantity);
        $this->checkOut()->assertRedirect();

        return $this->pay($this->order());
    }

    /**
     * @param  array<string, mixed>  $data
     * @return TestResponse<Response>
     */
    public function send(string $verb, string $path, array $data = []): TestResponse
    {
        // Another shopper's cookie may still lie in the test's jar.
        $this->test->withUnencryptedCookies([
            Basket::COOKIE => $this->basket ?? '',
            SpeaksTheirs::COOKIE => $this->language ?? '',
        ]);

        return $verb === 'get'
            ? $this->test->get($this->stall->shopAddress($path))
            : $this->test->post($this->stall->shopAddress($path), $data);
    }
}
