<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Standins;

use Illuminate\Support\Facades\Http;
use WindowStall\Standins\Oakum\Books;
use WindowStall\Tests\App\AppTestCase;

/** The page where a person plays the supplier. */
final class PlayTest extends AppTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        Books::restock();
    }

    public function test_a_cost_is_raised_for_all_variants_that_cost_the_same(): void
    {
        $this->play('variants/'.$this->variant('OD-1033'), 'cost', '11.04');
        $costs = Books::table('variants')->where('item_id', 'OD-1033')->pluck('cost')->countBy();
        self::assertSame(9, $costs[1104], 'XS, S and M in three colours');
        self::assertSame(3, $costs[730], 'L keeps its own');
        $this->play('variants/'.$this->variant('OD-1033'), 'cost', 'lots');
        self::assertSame(9, Books::table('variants')->where('item_id', 'OD-1033')->where('cost', 1104)->count());
    }

    public function test_a_variant_sells_out_and_is_refilled(): void
    {
        $id = $this->variant('OD-1002');
        $this->play('variants/'.$id, 'sell-out');
        self::assertSame(0, $this->pieces($id));
        $this->play('variants/'.$id, 'refill');
        self::assertSame(120, $this->pieces($id), 'sixty in each of two warehouses');
    }

    public function test_a_dropped_colour_is_no_longer_said(): void
    {
        $before = $this->said('OD-1020');
        $this->play('variants/'.$this->variant('OD-1020'), 'drop');
        self::assertSame([8, 6], [$before, $this->said('OD-1020')], 'a colour in two sizes');
    }

    public function test_days_pass_and_orders_move_a_step_a_day(): void
    {
        $id = $this->variant('OD-1002');
        $order = Http::baseUrl((string) config('stall.oakum.address'))
            ->withToken('oakum-second-key')
            ->acceptJson()
            ->withHeaders(['Idempotency-Key' => 'day'])
            ->post('/v1/orders', [
                'reference' => 'Order 1',
                'lines' => [['variant' => $id, 'quantity' => 1]],
                'address' => ['name' => 'I', 'street' => 'S', 'town' => 'T', 'postcode' => 'P', 'country' => 'GB'],
            ])
            ->throw()
            ->json('id');
        $states = [];
        for ($day = 0; $day < 3; $day++) {
            $states[] = Books::table('orders')->where('id', $order)->value('state');
            Http::asForm()
                ->withOptions(['allow_redirects' => false])
                ->post(config('stall.oakum.address').'/play/day');
        }
        self::assertSame(['received', 'accepted', 'posted'], $states);
        self::assertMatchesRegularExpression(
            '/^LF\d{10}GB$/',
            (string) Books::table('orders')->where('id', $order)->value('tracking'),
        );
        self::assertSame(
            ['order.accepted', 'order.posted'],
            Books::table('events')
                ->where('order_id', $order)
                ->orderBy('created_at')
                ->orderBy('kind')
                ->pluck('kind')
                ->all(),
        );
    }

    public function test_a_posted_order_isnt_refused_any_more(): void
    {
        $id = $this->variant('OD-1002');
        $order = Http::baseUrl((string) config('stall.oakum.address'))
            ->withToken('oakum-second-key')
            ->acceptJson()
            ->withHeaders(['Idempotency-Key' => 'late'])
            ->post('/v1/orders', [
                'reference' => 'Order 2',
                'lines' => [['variant' => $id, 'quantity' => 1]],
                'address' => ['name' => 'I', 'street' => 'S', 'town' => 'T', 'postcode' => 'P', 'country' => 'GB'],
            ])
            ->throw()
            ->json('id');
        $this->play('orders/'.$order, 'post');
        $this->play('orders/'.$order, 'refuse');
        $this->play('orders/'.$order, 'accept');
        self::assertSame('posted', Books::table('orders')->where('id', $order)->value('state'));
    }

    public function test_pictures_are_drawn_in_the_size_asked_for_and_nothing_else_is_given(): void
    {
        $base = config('stall.oakum.address').'/pictures/OD-1014/';
        $picture = Http::get($base.'0-x.png?px=160')->throw();
        self::assertSame('image/png', $picture->header('Content-Type'));
        self::assertSame([160, 160], array_slice((array) getimagesizefromstring($picture->body()), 0, 2));
        self::assertSame(404, Http::get($base.'99-x.png')->status());
        self::assertSame(404, Http::get(config('stall.oakum.address').'/pictures/NONE/0-x.png')->status());
        self::assertSame(
            [80, 80],
            array_slice((array) getimagesizefromstring(Http::get($base.'0-x.png?px=-5')->body()), 0, 2),
        );
    }

    private function variant(string $item): string
    {
        return (string) Books::table('variants')->where('item_id', $item)->orderBy('position')->value('id');
    }

    /** @phpstan-impure */
    private function pieces(string $id): int
    {
        return (int) array_sum(
            (array) json_decode((string) Books::table('variants')->where('id', $id)->value('stock'), true),
        );
    }

    /** @phpstan-impure */
    private function said(string $item): int
    {
        return count(
            (array) Http::baseUrl((string) config('stall.oakum.address'))
                ->withToken('oakum-second-key')
                ->get('/v1/items/'.$item)
                ->json('variants'),
        );
    }
}
