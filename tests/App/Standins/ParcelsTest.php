<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Standins;

use Illuminate\Http\Client\PendingRequest;
use Illuminate\Http\Client\Response;
use Illuminate\Support\Facades\Http;
use WindowStall\Standins\Carrier\Parcels;
use WindowStall\Standins\Oakum\Books;
use WindowStall\Tests\App\AppTestCase;

/** Suppliers hand parcels to the carrier, which brings them day by day. */
final class ParcelsTest extends AppTestCase
{
    private string $variant;

    protected function setUp(): void
    {
        parent::setUp();
        Books::restock();
        $this->variant = (string) Books::table('variants')->where('item_id', 'OD-1002')->orderBy('position')->value('id');
        Books::table('variants')->where('id', $this->variant)->update(['stock' => json_encode(['GB' => 5, 'DE' => 5])]);
    }

    public function test_an_order_goes_in_a_parcel_from_each_warehouse_the_first_alone_if_that_is_wished(): void
    {
        $other = (string) Books::table('variants')->where('item_id', 'OD-1003')->orderBy('position')->value('id');
        Books::table('variants')->where('id', $other)->update(['stock' => json_encode(['GB' => 5, 'DE' => 5])]);
        $order = $this->order([
            ['variant' => $this->variant, 'quantity' => 2, 'warehouse' => 'GB'],
            ['variant' => $other, 'quantity' => 1, 'warehouse' => 'DE'],
        ]);
        $this->does($order, 'part');
        $said = $this->said($order);
        self::assertSame(['accepted', 1], [$said['state'], count($said['parcels'])]);
        $this->does($order, 'post');
        $said = $this->said($order);
        self::assertSame(['posted', 2], [$said['state'], count($said['parcels'])]);
        self::assertSame([$this->variant, $other], array_map(static fn (array $p): string => $p['lines'][0]['variant'], $said['parcels']));
        self::assertNotSame($said['parcels'][0]['tracking'], $said['parcels'][1]['tracking']);
        self::assertSame('taken', $this->events($said['parcels'][1]['tracking'])[0]['kind']);
    }

    public function test_what_isnt_posted_can_be_cancelled_and_is_on_the_shelf_again(): void
    {
        $order = $this->order([['variant' => $this->variant, 'quantity' => 2, 'warehouse' => 'DE']]);
        self::assertSame(3, $this->stock()['DE']);
        self::assertSame('cancelled', $this->cancel($order)->throw()->json('state'));
        self::assertSame('cancelled', $this->cancel($order)->throw()->json('state'), 'asked again it is the same');
        self::assertSame(5, $this->stock()['DE']);
        $posted = $this->order([['variant' => $this->variant, 'quantity' => 1]], 'k2');
        $this->does($posted, 'post');
        self::assertSame(409, $this->cancel($posted)->status());
    }

    public function test_day_by_day_a_parcel_comes_to_the_door(): void
    {
        Parcels::take('LF1', 'Oakum Depot', 'Aldermere', 'GB', now());
        Parcels::take('LF1', 'Oakum Depot', 'Aldermere', 'GB', now());
        foreach (['moved', 'round', 'there', 'there'] as $n => $stands) {
            Http::asForm()->post(config('stall.carrier.address').'/play/day');
            $events = $this->events('LF1');
            self::assertSame([$stands, min($n + 2, 4)], [end($events)['kind'] ?? null, count($events)]);
        }
        self::assertSame(404, Http::get(config('stall.carrier.address').'/v1/parcels/NOBODYS')->status());
    }

    /** @param  list<array<string, mixed>>  $lines */
    private function order(array $lines, string $key = 'k1'): int
    {
        return (int) $this->http()->withHeaders(['Idempotency-Key' => $key])->post('/v1/orders', [
            'reference' => 'Order 1',
            'address' => ['name' => 'I', 'street' => 'S', 'town' => 'T', 'postcode' => 'P', 'country' => 'GB'],
            'lines' => $lines,
        ])->throw()->json('id');
    }

    private function does(int $order, string $do): void
    {
        Http::asForm()
            ->withOptions(['allow_redirects' => false])
            ->post(config('stall.oakum.address').'/play/orders/'.$order, ['do' => $do])
            ->throw();
    }

    private function cancel(int $order): Response
    {
        return $this->http()->post('/v1/orders/'.$order.'/cancel');
    }

    /** @return array<string, mixed> */
    private function said(int $order): array
    {
        return $this->http()->get('/v1/orders/'.$order)->throw()->json();
    }

    /** @return list<array<string, string>> */
    private function events(string $tracking): array
    {
        return Http::get(config('stall.carrier.address').'/v1/parcels/'.$tracking)->throw()->json('events');
    }

    /** @return array<string, int> */
    private function stock(): array
    {
        return json_decode((string) Books::table('variants')->where('id', $this->variant)->value('stock'), true);
    }

    private function http(): PendingRequest
    {
        return Http::baseUrl((string) config('stall.oakum.address'))->withToken('oakum-quillet-key')->acceptJson();
    }
}
