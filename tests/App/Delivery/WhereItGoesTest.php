<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Delivery;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\Places;
use WindowStall\Tests\App\AppTestCase;

/** Places, their ways, and when suppliers pack, as the seller says them. */
final class WhereItGoesTest extends AppTestCase
{
    private const FLAT = ['name' => '', 'charge' => ['by' => 'flat', 'amount' => '5.95'], 'across' => 'once'];

    private Stall $stall;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
        $this->stall = $this->world->stall();
        $this->world->market($this->stall, 'IE', 410);
    }

    public function test_a_new_stall_sends_to_its_own_country_at_its_own_charge(): void
    {
        [$home] = $this->where()['places'];
        self::assertTrue($home['home']);
        self::assertSame(['the United Kingdom', '£2.95 once, however many parcels'], [$home['said'], $home['ways'][0]['charge']]);
        self::assertSame('the United Kingdom', Places::said($this->stall));
    }

    public function test_a_place_is_made_changed_and_taken_out_each_in_one_step_back(): void
    {
        $made = $this->make(['covers' => [['country' => 'IE']], 'ways' => [self::FLAT]])->assertOk();
        $made->assertJsonPath('words', 'A place was made: Ireland');
        self::assertSame(['the United Kingdom', 'Ireland'], array_column($this->where()['places'], 'said'));
        self::assertSame('the United Kingdom and Ireland', Places::said($this->fresh()));

        $id = (int) $made->json('where.places.1.id');
        $rule = ['by' => 'tag', 'value' => 'bulky', 'more' => '4.00'];
        $quick = ['name' => 'quick', 'charge' => ['by' => 'cost', 'times' => '1.25', 'ending' => '0.95'], 'prefers' => 'quickest'];
        $this->say($id, [
            'name' => 'the other island',
            'covers' => [['country' => 'IE'], ['country' => 'GB', 'postcodes' => 'bt']],
            'ways' => [['name' => 'plain'] + self::FLAT, $quick],
            'rules' => [$rule],
        ])->assertOk();
        $place = $this->where()['places'][1];
        self::assertSame(['the other island', 'BT'], [$place['said'], $place['covers'][1]['postcodes']]);
        self::assertSame('what sending it costs you, times 1.25, to the next £0.95, once, however many parcels', $place['ways'][1]['charge']);
        self::assertSame(['the quickest way', 'goods tagged bulky cost £4.00 more'], [$place['ways'][1]['by'], $place['rules'][0]['words']]);

        $gone = $this->deleteJson(route('delivery.places.destroy', [$this->stall, $id]))->assertOk();
        self::assertCount(1, $this->where()['places']);
        $this->post(route('pricing.undo', [$this->stall, $gone->json('change')]))->assertSuccessful();
        self::assertSame($place, $this->where()['places'][1], 'as it was, under its number');
    }

    public function test_what_prices_reckon_with_follows_the_place_at_home(): void
    {
        $id = (int) $this->where()['places'][0]['id'];
        $this->say($id, ['covers' => [['country' => 'GB']], 'ways' => [['free_over' => '40.00'] + self::FLAT]])->assertOk();
        self::assertSame([595, 4_000], [$this->fresh()->flat_delivery_minor, $this->stall->free_over_minor]);
        $by = ['by' => 'piece', 'first' => '2.00', 'further' => '0.50'];
        $this->say($id, ['covers' => [['country' => 'GB']], 'ways' => [['charge' => $by]]])->assertOk();
        self::assertSame([200, null], [$this->fresh()->flat_delivery_minor, $this->stall->free_over_minor]);
        self::assertSame(
            '£2.00 for the first piece and £0.50 for each further one once, however many parcels',
            $this->where()['places'][0]['ways'][0]['charge'],
        );

        // What is said on the cost sheet of a flat charge is what shoppers are charged.
        $this->say($id, ['covers' => [['country' => 'GB']], 'ways' => [self::FLAT]])->assertOk();
        $this->stall->update(['flat_delivery_minor' => 310]);
        self::assertSame('£3.10 once, however many parcels', $this->where()['places'][0]['ways'][0]['charge']);
    }

    public function test_a_place_is_some_parts_of_a_country(): void
    {
        $this->world->market($this->stall, 'US', 900);
        $far = ['covers' => [['country' => 'US', 'parts' => ['US-HI', 'US-AK']]], 'ways' => [self::FLAT]];
        $this->make($far)->assertOk()->assertJsonPath('words', 'A place was made: Hawaii and Alaska');
        self::assertStringStartsWith('No rate is known for the United States', $this->where()['places'][1]['note']);
        DB::table('markets')->where('market', 'US')->update(['tax_bp' => 0]);
        self::assertSame('In the shop it has price lists of its own for the United States (GBP).', $this->where()['places'][1]['note']);
        $this->make(['covers' => [['country' => 'US', 'parts' => ['US-XX', 'GB-SCT']]]])->assertUnprocessable();
        $listing = $this->world->inWindow($this->stall);
        $ask = ['lines' => [['variant' => $listing->variants()->value('id'), 'pieces' => 1]], 'country' => 'US'];
        $try = fn (array $where): TestResponse => $this->postJson(route('delivery.try', $this->stall), $where + $ask);
        $try(['part' => 'US-HI'])->assertJsonPath('reasons.0', 'Hawaii and Alaska, as it holds Hawaii.')->assertJsonPath('goes', true);
        $try(['part' => 'US-OR'])->assertJsonPath('goes', false);
    }

    public function test_a_country_that_is_sent_to_is_sold_to_and_it_is_said_while_its_costs_are_worked_out(): void
    {
        Queue::fake();
        self::assertSame('', $this->where()['working']);
        $this->make(['covers' => [['country' => 'NL']], 'ways' => [self::FLAT]])->assertOk();
        self::assertSame('the Netherlands', $this->where()['working']);
        self::assertContains('NL', $this->fresh()->soldTo());
        self::assertSame(2_100, (int) DB::table('markets')->where('market', 'NL')->value('tax_bp'));
        $this->stall->marketsLanded('NL');
        self::assertSame('', $this->where()['working']);
    }

    public function test_abroad_it_follows_in_the_markets_currency(): void
    {
        DB::table('markets')->where('market', 'IE')->update(['currency' => 'EUR']);
        $this->make(['covers' => [['country' => 'IE']], 'ways' => [self::FLAT]])->assertOk();
        self::assertSame('23% inside the price for Ireland', $this->where()['places'][1]['tax'], 'its country’s standard rate');
        // 5.95 ÷ 0.85869565 = 6.93
        self::assertSame(693, (int) DB::table('markets')->where('market', 'IE')->value('charged_minor'));
    }

    /** @param  array<string, mixed>  $typed */
    #[TestWith([['covers' => []], 'A place holds at least one country.'])]
    #[TestWith([['covers' => [['country' => 'XX']]], 'Choose a country from the list.'])]
    #[TestWith([['covers' => [['country' => 'IE', 'postcodes' => '???']]], '“???” can’t be read as postcodes.'])]
    #[TestWith([['ways' => [['charge' => ['by' => 'flat', 'amount' => 'five']]]], 'An amount is a decimal string'])]
    #[TestWith([['ways' => [self::FLAT, self::FLAT]], 'each needs a name that shoppers choose it by'])]
    #[TestWith([['ways' => 'all'], 'A list belongs here.'])]
    public function test_what_cant_be_read_is_said_and_nothing_is_written(array $typed, string $says): void
    {
        $said = (string) $this->make($typed + ['covers' => [['country' => 'IE']]])->assertUnprocessable()->json('message');
        self::assertStringContainsString($says, $said);
        self::assertCount(1, $this->where()['places']);
    }

    public function test_the_home_country_keeps_its_place(): void
    {
        $id = (int) $this->where()['places'][0]['id'];
        $this->deleteJson(route('delivery.places.destroy', [$this->stall, $id]))->assertStatus(422);
        $this->say($id, ['covers' => [['country' => 'IE']], 'ways' => []])->assertStatus(422);
        $this->say($id, ['covers' => [['country' => 'GB']], 'ways' => []])->assertOk();
        self::assertSame('', Places::said($this->fresh()), 'but may be sent nothing');
    }

    public function test_when_a_supplier_packs_is_said(): void
    {
        $oakum = $this->world->connection($this->stall);
        $url = route('delivery.supplier', [$this->stall, $oakum]);
        $this->patchJson($url, ['cut_off' => '9.30', 'closed' => '2026-12-24 to 2026-12-27, 2027-01-01'])->assertOk();
        $this->patchJson($url, ['packs_from' => 2])->assertOk();
        $oakum = SupplierConnection::query()->findOrFail($oakum->id);
        self::assertSame(['09:30', 2, 2], [$oakum->cut_off, $oakum->packs_from, $oakum->packs_to]);
        self::assertSame([['2026-12-24', '2026-12-27'], ['2027-01-01', '2027-01-01']], $oakum->closed_days);
        foreach ([['cut_off' => '25:00'], ['closed' => 'Christmas'], ['closed' => '2026-02-30'], ['packs_to' => 61]] as $wrong) {
            $this->patchJson($url, $wrong)->assertUnprocessable();
        }
        $this->patchJson(route('delivery.closed', $this->stall), ['closed' => '2026-12-24 to 2026-12-20'])->assertUnprocessable();
        $this->patchJson(route('delivery.closed', $this->stall), ['closed' => ''])->assertOk();
    }

    private function fresh(): Stall
    {
        return $this->stall->refresh()->unsetRelations();
    }

    /**
     * @param  array<string, mixed>  $place
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function make(array $place): TestResponse
    {
        return $this->postJson(route('delivery.places.store', $this->stall), $place);
    }

    /**
     * @param  array<string, mixed>  $place
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function say(int $id, array $place): TestResponse
    {
        return $this->patchJson(route('delivery.places.update', [$this->stall, $id]), $place);
    }

    /** @return array<string, mixed> */
    private function where(): array
    {
        return (array) $this->getJson(route('delivery.places', $this->stall))->assertOk()->json();
    }
}
