<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Stall;

use WindowStall\Bench\Patch\ListingPatch;
use WindowStall\Counter\Order;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\App\Shop\Shopper;
use WindowStall\Tests\Core\Source\Items;

final class FindAnythingTest extends AppTestCase
{
    public function test_listings_orders_and_items_are_found_in_this_stall_only(): void
    {
        $this->signIn();
        $stall = $this->world->stall();
        $listing = $this->world->inWindow($stall);
        $this->world->say($listing, ListingPatch::none()->title('Ash 100% trowel'));
        $this->world->pull(
            $stall,
            Items::item([Items::variant('a'), Items::variant('b', 620, 3, 'CPR-02')]),
            Items::item([Items::variant('z')], 'Trowel rack', id: 'R-1'),
        );
        $shopper = new Shopper($this, $stall);
        $shopper->put($listing->variants()->firstOrFail());
        $shopper->checkOut()->assertRedirect();
        $other = $this->world->stall();
        $this->world->listing($other, Items::item([Items::variant('o')], 'Another trowel'));

        $this->find($stall, 'trowel')
            ->assertJsonCount(2)
            ->assertJsonPath('0.label', 'Ash 100% trowel')
            ->assertJsonPath('0.detail', 'in the window')
            ->assertJsonPath('1.kind', 'item');
        $this->find($stall, (string) Order::query()->where('stall_id', $stall->id)->value('number'))->assertJsonPath(
            '0.kind',
            'order',
        );
        $this->find($stall, 'fennimore')->assertJsonCount(1)->assertJsonPath('0.label', 'Order 1001');
        $this->find($stall, '100%')->assertJsonCount(1);
        $this->world->pull(
            $stall,
            Items::item([Items::variant('n')], 'Netting', id: 'N-1'),
            Items::item([Items::variant('t')], 'Tin', id: 'N-2'),
        );
        $this->find($stall, 'tin')->assertJsonPath('0.label', 'Tin')->assertJsonPath('1.label', 'Netting');
        foreach (['[', '(a', '*'] as $awkward) {
            $this->find($stall, $awkward);
        }
        foreach (['', '   ', '_', '\\', "'", '99999999999999'] as $nothing) {
            $this->find($stall, $nothing)->assertExactJson([]);
        }
    }

    /** @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function find(\WindowStall\Stall\Stall $stall, string $words): \Illuminate\Testing\TestResponse
    {
        return $this->getJson(route('find', [$stall, 'q' => $words]))->assertOk();
    }
}
