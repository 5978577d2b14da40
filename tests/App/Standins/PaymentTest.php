<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Standins;

use Illuminate\Http\Client\PendingRequest;
use Illuminate\Support\Facades\Http;
use WindowStall\Tests\App\AppTestCase;

final class PaymentTest extends AppTestCase
{
    public function test_a_reference_has_one_payment_and_it_is_captured_once(): void
    {
        $facts = [
            'amount' => 1895,
            'currency' => 'GBP',
            'reference' => 'r'.bin2hex(random_bytes(6)),
            'payee' => 'Quillet',
            'return_to' => 'http://quillet.shops.localhost/orders/x/paid',
        ];
        $id = $this->http()->post('/v1/payments', $facts)->json('id');
        self::assertSame($id, $this->http()->post('/v1/payments', $facts)->json('id'));
        self::assertSame(
            409,
            $this->http()
                ->post("/v1/payments/$id/capture")
                ->status(),
            'nobody has approved it',
        );
        $this->card($id, 'declines');
        self::assertSame('declined', $this->state($id));
        $this->card($id, 'approves');
        foreach ([1, 2] as $time) {
            self::assertSame(
                'captured',
                $this->http()
                    ->post("/v1/payments/$id/capture")
                    ->json('state'),
                "time $time",
            );
        }
        $this->card($id, 'declines');
        self::assertSame('captured', $this->state($id));
        self::assertSame(
            409,
            $this->http()
                ->post("/v1/payments/$id/void")
                ->status(),
        );
    }

    public function test_it_refuses_strangers_and_nonsense(): void
    {
        self::assertSame(
            401,
            Http::baseUrl((string) config('stall.payment.address'))->withToken('x')->post('/v1/payments')->status(),
        );
        self::assertSame(
            422,
            $this->http()
                ->post('/v1/payments', ['amount' => -1])
                ->status(),
        );
        self::assertSame(404, $this->http()->get('/v1/payments/none')->status());
    }

    /** @phpstan-impure */
    private function state(string $id): mixed
    {
        return $this->http()
            ->get("/v1/payments/$id")
            ->json('state');
    }

    private function card(string $id, string $card): void
    {
        Http::asForm()
            ->withOptions(['allow_redirects' => false])
            ->post(config('stall.payment.address').'/pay/'.$id, ['card' => $card]);
    }

    private function http(): PendingRequest
    {
        return Http::baseUrl((string) config('stall.payment.address'))->withToken('pay-demo-key')->acceptJson();
    }
}
