<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Standins;

use Illuminate\Http\Client\PendingRequest;
use Illuminate\Support\Facades\Http;
use WindowStall\Standins\Drawings\Goods;
use WindowStall\Standins\Drawings\View;
use WindowStall\Standins\Oakum\Books;
use WindowStall\Tests\App\AppTestCase;

final class OakumTest extends AppTestCase
{
    private const ORDER = [
        'reference' => 'Order 1',
        'address' => ['name' => 'I', 'street' => 'S', 'town' => 'T', 'postcode' => 'P', 'country' => 'GB'],
    ];

    public function test_the_catalogue_comes_in_pages_without_gap_or_repetition(): void
    {
        $codes = [];
        for ($after = null, $pages = 0; $pages < 10; $pages++) {
            $page = $this->http()
                ->get('/v1/items', ['after' => $after])
                ->throw()
                ->json();
            array_push($codes, ...array_column($page['items'], 'code'));
            if (($after = $page['next']) === null) {
                break;
            }
        }
        self::assertGreaterThanOrEqual(60, count($codes));
        self::assertSame($codes, array_values(array_unique($codes)));
    }

    public function test_the_play_page_links_the_page_of_each_of_its_goods(): void
    {
        $page = Http::get((string) config('stall.oakum.address'))->throw()->body();
        self::assertSame(1, preg_match('#<a\s+href="([^"]+/goods/OD-1001)"#', $page, $m));
        self::assertStringContainsString('Trowel', Http::get($m[1] ?? '')->throw()->body());
    }

    public function test_an_order_with_the_same_key_is_taken_once_and_takes_stock_once(): void
    {
        Books::restock();
        $id = (string) Books::table('variants')->where('item_id', 'OD-1002')->value('id');
        $before = array_sum(json_decode((string) Books::table('variants')->where('id', $id)->value('stock'), true));
        $send = fn () => $this->http()
            ->withHeaders(['Idempotency-Key' => 'k1'])
            ->post('/v1/orders', self::ORDER + ['lines' => [['variant' => $id, 'quantity' => 2]]]);
        [$one, $two] = [$send(), $send()];
        self::assertSame([201, 200], [$one->status(), $two->status()]);
        self::assertSame($one->json(), $two->json());
        self::assertSame(
            $before - 2,
            array_sum(json_decode((string) Books::table('variants')->where('id', $id)->value('stock'), true)),
        );
    }

    public function test_what_it_cant_take_it_refuses_with_a_reason(): void
    {
        self::assertSame(
            401,
            Http::baseUrl((string) config('stall.oakum.address'))->withToken('nobody')->get('/v1/items')->status(),
        );
        self::assertSame(400, $this->http()->post('/v1/orders', self::ORDER)->status());
        self::assertSame(
            422,
            $this->http()
                ->withHeaders(['Idempotency-Key' => 'k2'])
                ->post('/v1/orders', ['lines' => 'x'])
                ->status(),
        );
        $answer = $this->http()
            ->withHeaders(['Idempotency-Key' => 'k3'])
            ->post('/v1/orders', self::ORDER + ['lines' => [['variant' => 'none', 'quantity' => 1]]]);
        self::assertSame([409, 'none isn’t sold any more.'], [$answer->status(), $answer->json('error')]);
    }

    public function test_every_drawing_draws(): void
    {
        foreach (array_keys(Goods::DRAWINGS) as $n => $drawing) {
            foreach (View::cases() as $view) {
                $svg = simplexml_load_string(Goods::svg($drawing, '#6f9158', $view, $n));
                self::assertNotFalse($svg, $drawing);
            }
        }
    }

    private function http(): PendingRequest
    {
        return Http::baseUrl((string) config('stall.oakum.address'))->withToken('oakum-quillet-key')->acceptJson();
    }
}
