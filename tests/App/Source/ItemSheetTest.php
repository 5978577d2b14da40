<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Source;

use WindowStall\Source\SupplierConnection;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;

final class ItemSheetTest extends AppTestCase
{
    public function test_an_item_is_seen_from_every_side(): void
    {
        $this->travelTo('2026-11-24 10:00');
        $this->signIn();
        $stall = $this->world->stall();
        $id = $this->item($stall);
        $answer = $this->getJson(route('source.item', [$stall, $id]))
            ->assertOk()
            ->assertJsonPath('trouble', null)
            ->assertJsonPath('taken', false)
            ->assertJsonCount(2, 'variants')
            ->assertJsonPath('variants.0.stock', 'GB 12');
        // Two pieces: 8.70 and 2.13 make 10.83, half of which is 5.415, half up. Asked of Oakum over HTTP: 300 g by
        // Economy 2.37 USD, by Express 5.56; processing 1 to 2 days, transit 2 to 4.
        $answer
            ->assertJsonPath('ways.0.method', 'Economy')
            ->assertJsonPath('ways.0.price.text', '£1.91')
            ->assertJsonPath('ways.0.days', '3 to 6 days')
            ->assertJsonPath('ways.0.dates', '27 Nov to 2 Dec')
            ->assertJsonPath('ways.1.method', 'Express');
        $answer
            ->assertJsonCount(5, 'quantities')
            ->assertJsonPath('quantities.0.landed.text', '£6.26')
            ->assertJsonPath('quantities.1.goods.text', '£8.70')
            ->assertJsonPath('quantities.1.each.text', '£5.42');
        $answer->assertJsonPath('cautions', []);
        $this->getJson(route('source.item', [$stall, $id, 'variant' => 'b']))
            ->assertJsonPath('inHand', 'b')
            ->assertJsonPath('quantities.0.goods.text', '£5.00');
        $this->getJson(route('source.item', [$stall, $id, 'variant' => 'nonsense']))->assertJsonPath('inHand', 'a');
    }

    public function test_a_supplier_that_is_away_leaves_what_is_known(): void
    {
        $this->signIn();
        $stall = $this->world->stall();
        $id = $this->item($stall);
        SupplierConnection::of($stall)->update(['address' => 'http://oakum.standins.localhost:9']);
        $this->getJson(route('source.item', [$stall, $id]))
            ->assertOk()
            ->assertJsonCount(2, 'variants')
            ->assertJsonPath('ways', [])
            ->assertJsonPath('trouble', fn (string $t): bool => str_starts_with($t, 'Nothing answers at'));
    }

    public function test_what_isnt_delivered_is_said_and_another_stalls_item_isnt_there(): void
    {
        $this->signIn();
        $stall = $this->world->stall();
        $id = $this->item($stall);
        $stall->update(['home_market' => 'BR']);
        $this->getJson(route('source.item', [$stall, $id]))->assertJsonPath(
            'trouble',
            'Oakum Depot doesn’t deliver this to Brazil.',
        );
        $this->getJson(route('source.item', [$this->world->stall(), $id]))->assertNotFound();
    }

    private function item(Stall $stall): int
    {
        $this->world->pull($stall, Items::item([Items::variant('a'), Items::variant('b', 620, 3, 'CPR-02')]));

        return (int) SupplierItem::query()->where('stall_id', $stall->id)->value('id');
    }
}
