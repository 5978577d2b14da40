<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Delivery;

use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingVariant;
use WindowStall\Delivery\DeliveredLately;
use WindowStall\Delivery\PastDelivery;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;

/** A basket tried against the places, and what is kept by place. */
final class TryBasketTest extends AppTestCase
{
    private Stall $stall;

    private Listing $listing;

    private ListingVariant $trowel;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
        $this->travelTo('2026-12-01 10:00');
        $this->stall = $this->world->stall();
        $this->world->market($this->stall, 'IE', 410);
        $this->listing = $this->world->inWindow($this->stall, Items::item([Items::variant('a')], 'Trowel'));
        $this->trowel = $this->listing->variants()->firstOrFail();
        $this->postJson(route('delivery.places.store', $this->stall), [
            'name' => 'the islands',
            'covers' => [['country' => 'GB', 'postcodes' => 'ZE, IV']],
            'ways' => [['charge' => ['by' => 'flat', 'amount' => '5.95']]],
            'rules' => [['by' => 'tag', 'value' => 'glass', 'more' => null]],
        ])->assertOk();
    }

    public function test_the_reasoning_is_written_out_and_its_figures_add_up(): void
    {
        $tried = $this->tried(['postcode' => 'ze1 0aa']);
        self::assertTrue($tried['goes']);
        self::assertSame([
            'The islands, as ZE1 0AA lies in ZE. The United Kingdom would have it too, but the nearer place counts.',
            'Trowel: a parcel from Oakum Depot in the United Kingdom, 300 g, by Economy, which costs you £1.91.',
            'Paid, so it is packed and posted on Tuesday 1 December, and travels 3 to 6 working days.',
            'The shopper pays £5.95.',
        ], $tried['reasons']);
        // 15.95 and 5.95 are 21.90, with 3.65 of tax and 0.53 of fees in it; goods cost 4.35.
        self::assertSame('Friday 4 to Wednesday 9 December', $tried['dates']);
        $minor = static fn (string $key): int => (int) $tried[$key]['minor'];
        self::assertSame(
            $minor('goods') + $minor('charge'),
            $minor('cost') + $minor('delivery') + $minor('taxAndFees') + $minor('keep'),
            'what is paid is what it costs and what is kept',
        );
    }

    public function test_what_stops_it_is_named_with_what_would_go(): void
    {
        $this->listing->update(['own_tags' => ['glass']]);
        $other = $this->world->inWindow($this->stall, Items::item([Items::variant('can')], 'Can', id: 'can'));
        $tried = $this->tried(['postcode' => 'IV1 1AA', 'lines' => [
            ['variant' => $this->trowel->id, 'pieces' => 1],
            ['variant' => $other->variants()->firstOrFail()->id, 'pieces' => 2],
        ]]);
        self::assertFalse($tried['goes']);
        self::assertSame('Trowel: you don’t send goods tagged glass there.', $tried['reasons'][1]);
        self::assertSame('So the basket can’t go as it is. Without what is named here it can.', $tried['reasons'][2]);
        self::assertSame('Friday 4 to Wednesday 9 December', $tried['dates'], 'of the rest');

        $nowhere = $this->tried(['country' => 'IE']);
        self::assertSame(['No place of yours has this address in Ireland.'], $nowhere['reasons']);
    }

    public function test_the_hour_and_days_off_of_who_packs_count(): void
    {
        $this->world->connection($this->stall)->update([
            'cut_off' => '09:00',
            'packs_from' => 1,
            'packs_to' => 1,
            'closed_days' => [['2026-12-02', '2026-12-02']],
        ]);
        self::assertSame('Wednesday 9 to Monday 14 December', $this->tried([])['dates']);
        self::assertSame('Tuesday 8 to Friday 11 December', $this->tried(['at' => '2026-12-01T08:59'])['dates']);
    }

    public function test_what_cant_be_tried_is_said(): void
    {
        $url = route('delivery.try', $this->stall);
        $ask = $this->asked([]);
        foreach ([
            ['lines' => []],
            ['lines' => [['variant' => 1, 'pieces' => 1]]],
            ['lines' => [['variant' => $this->trowel->id, 'pieces' => 0]]],
            ['lines' => [['variant' => $this->trowel->id, 'pieces' => 1.5]]],
            ['country' => 'XX'],
            ['postcode' => '💥'],
            ['at' => 'tomorrow'],
        ] as $wrong) {
            $this->postJson($url, $wrong + $ask)->assertUnprocessable();
        }
    }

    public function test_what_is_kept_by_place_names_holes_and_losses_with_their_mend(): void
    {
        $this->listing->update(['own_tags' => ['glass']]);
        $id = (int) $this->getJson(route('delivery.places', $this->stall))->json('places.0.id');
        $sheet = $this->getJson(route('delivery.keeps', $this->stall))->assertOk();
        $sheet->assertJsonPath('places', ['the United Kingdom', 'the islands'])->assertJsonPath('holes', 1)->assertJsonPath('losses', 0);
        $till = $this->trowel->refresh()->prices()->where('market', 'GB')->firstOrFail();
        $sheet->assertJsonPath('rows.0.cells.0.keep.minor', $till->keep_minor);
        $sheet->assertJsonPath('rows.0.cells.1.mend', 'You keep it back from there.');

        // Sending it costs more than the price brings.
        DB::table('delivery_quotes')->where('destination', 'GB')->update(['methods' => json_encode([['Economy', 3_000, 2, 4]])]);
        $cell = $this->getJson(route('delivery.keeps', $this->stall))->json('rows.0.cells.0');
        self::assertSame('loss', $cell['kind']);
        self::assertMatchesRegularExpression('/^Sending it costs you £[\d.]+ and £2\.95 is charged\. At £[\d.]+ it is even\.$/', $cell['mend']);

        $this->patchJson(route('delivery.places.update', [$this->stall, $id]), ['covers' => [['country' => 'GB']], 'ways' => []]);
        $this->getJson(route('delivery.keeps', $this->stall))->assertJsonPath('places', ['the islands']);
    }

    public function test_past_orders_count_for_the_place_their_address_lies_in(): void
    {
        $order = static fn (string $postcode, int $goods): array => [
            'country' => 'GB', 'postcode' => $postcode, 'goods' => $goods, 'charged' => 295, 'cost' => 250,
        ];
        $this->stall->unsetRelations();
        $past = array_values(PastDelivery::byPlace($this->stall, [$order('AL4 7QT', 1_000), $order('ZE1 0AA', 2_000), $order('', 9_000)]));
        self::assertSame([2, 1], [$past[0]->orders, $past[1]->orders]);
        self::assertSame([590, 500], [$past[0]->charged, $past[0]->cost]);
        self::assertSame([], app(DeliveredLately::class)->of($this->stall), 'nothing was bought yet');
    }

    public function test_goods_are_found_to_try_with(): void
    {
        $this->getJson(route('delivery.goods', [$this->stall, 'q' => 'trow']))->assertOk()->assertJsonPath('0.variant', $this->trowel->id);
        $this->getJson(route('delivery.goods', [$this->stall, 'q' => '%%']))->assertOk()->assertExactJson([]);
    }

    /**
     * @param  array<string, mixed>  $other
     * @return array<string, mixed>
     */
    private function asked(array $other): array
    {
        return $other + ['lines' => [['variant' => $this->trowel->id, 'pieces' => 1]], 'country' => 'GB'];
    }

    /**
     * @param  array<string, mixed>  $other
     * @return array<string, mixed>
     */
    private function tried(array $other): array
    {
        return (array) $this->postJson(route('delivery.try', $this->stall), $this->asked($other))->assertOk()->json();
    }
}
