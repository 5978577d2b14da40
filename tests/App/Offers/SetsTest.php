<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Offers;

use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\HttpFoundation\Response;
use WindowStall\Bench\Listing;
use WindowStall\Offers\Code;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\App\Shop\Shopper;
use WindowStall\Tests\Core\Source\Items;
use WindowStall\Window\Jobs\TurnWindows;
use WindowStall\Window\Window;

/** Goods sold together at a price: composed, shown, bought, and half of it given back. */
final class SetsTest extends AppTestCase
{
    private Stall $stall;

    private Listing $trowel;

    private Listing $twine;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-12-01 10:00');
        $this->stall = $this->world->stall($this->signIn());
        $this->trowel = $this->world->inWindow($this->stall);
        $this->twine = $this->world->inWindow($this->stall, Items::item([Items::variant('twine', 200)], 'Twine', id: 'twine'));
    }

    public function test_a_set_says_what_it_keeps_before_it_is_made_and_stands_beside_each_of_its_goods(): void
    {
        $apart = $this->apart();
        $figures = $this->postJson(route('codes.set', $this->stall), $this->set($apart - 200))->assertOk();
        self::assertSame($apart, $figures->json('apart.minor'));
        self::assertLessThan($figures->json('keepApart.minor'), $figures->json('keep.minor'), 'it keeps less than both apart');
        $this->postJson(route('codes.set', $this->stall), ['price' => ''] + $this->set(1))
            ->assertJsonPath('apart.minor', $apart)
            ->assertJsonPath('keep', null);
        self::assertSame(0, Code::query()->count(), 'nothing is made by looking');
        self::assertStringNotContainsString('Together for less', $this->page($this->trowel));

        $this->make($apart - 200)->assertOk()->assertJsonPath('codes.0.off', $this->trowel->shown_title.' and Twine together for '.$this->pounds($apart - 200));
        foreach ([$this->trowel, $this->twine] as $listing) {
            $html = $this->page($listing);
            self::assertStringContainsString('Together for less', $html);
            self::assertStringContainsString($this->pounds($apart).' apart, saves £2.00', $html);
        }
        $option = '<option value="'.$this->trowel->variants()->firstOrFail()->id.'"';
        self::assertStringContainsString($option, $this->page($this->twine), 'what there is to choose');
    }

    public function test_it_is_put_in_at_once_paid_at_its_price_and_half_of_it_given_back_to_the_penny(): void
    {
        $apart = $this->apart();
        $this->make($apart - 200);
        // Nobody there can be asked for today's stock.
        SupplierConnection::of($this->stall)->update(['address' => 'http://oakum.standins.localhost:9']);
        $shopper = new Shopper($this, $this->stall);
        $shopper->put($this->twine->variants()->firstOrFail());
        $shopper->send('post', '/basket/set', ['set' => Code::query()->value('id')])->assertRedirect('/basket');
        // Two of the twine now; one stands in the set.
        $twine = (int) $this->twine->shown_from_minor;
        $shopper->send('get', '/basket')->assertSee('together for '.$this->pounds($apart - 200))->assertSee('−£2.00');
        $shopper->checkOut()->assertRedirect();
        $order = $shopper->pay($shopper->order())->refresh();
        self::assertNotNull($order->paid_at);
        self::assertSame([$apart - 200 + $twine, 200], [$order->goods_minor, $order->discount_minor]);

        $line = $order->lines()->where('listing_variant_id', $this->trowel->variants()->firstOrFail()->id)->firstOrFail();
        $paid = (int) $line->unit_minor - (int) $line->discount_minor;
        self::assertGreaterThan(0, (int) $line->discount_minor);
        $tried = $this->getJson(route('counter.refund.try', [$this->stall, $order, 'pieces' => [$line->id => 1]]))->assertOk();
        self::assertSame($paid, $tried->json('total.minor'), 'what was paid for it within the set');
    }

    public function test_one_that_begins_later_is_shown_when_it_begins_and_gone_when_it_ends(): void
    {
        $this->make($this->apart() - 200, ['starts' => '2026-12-02T09:00', 'ends' => '2026-12-03T09:00']);
        self::assertStringNotContainsString('Together for less', $this->page($this->twine));
        self::assertSame('2026-12-02 09:00', Window::query()->findOrFail($this->stall->id)->turns_at?->format('Y-m-d H:i'));
        $this->travelTo('2026-12-02 09:00:30');
        app()->call([new TurnWindows(), 'handle']);
        self::assertStringContainsString('Together for less', $this->page($this->twine));
        $this->travelTo('2026-12-03 09:00:30');
        app()->call([new TurnWindows(), 'handle']);
        self::assertStringNotContainsString('Together for less', $this->page($this->twine));
    }

    public function test_a_page_follows_what_becomes_of_the_other_goods(): void
    {
        $this->make($this->apart() - 200);
        self::assertStringContainsString('Together for less', $this->page($this->twine));
        $this->postJson(route('bench.out', $this->stall), ['listings' => [$this->trowel->id], 'to' => 'on_bench'])->assertOk();
        self::assertStringNotContainsString('Together for less', $this->page($this->twine), 'half a set is none');
        $shopper = new Shopper($this, $this->stall);
        $shopper->send('post', '/basket/set', ['set' => Code::query()->value('id')])->assertStatus(422)->assertSee('can’t be had');
        self::assertSame(0, DB::table('basket_lines')->count());
        self::assertSame(0, DB::table('baskets')->count(), 'what can’t be put in makes no basket');
    }

    /** @param  array<string, mixed>  $other */
    #[TestWith([['goods' => []], 'off.goods', 'Choose 2 to 6 goods for a set.'])]
    #[TestWith([['price' => '0.00'], 'off.price', 'A set costs something.'])]
    #[TestWith([['price' => '900.00'], 'off.price', 'a set costs less.'])]
    #[TestWith([['price' => 'much'], 'off.price', 'An amount is a decimal string'])]
    #[TestWith([['twice' => true], 'off.goods', 'Each of the goods stands in a set once.'])]
    #[TestWith([['strange' => true], 'off.goods', 'One of these isn’t there any more.'])]
    public function test_what_is_no_set_says_so(array $other, string $field, string $why): void
    {
        $off = ['by' => 'set'] + array_diff_key($other, ['twice' => 1, 'strange' => 1]) + $this->set(1_000);
        if (isset($other['twice'])) {
            $off['goods'] = [$this->twine->id, $this->twine->id];
        }
        if (isset($other['strange'])) {
            $off['goods'] = [$this->twine->id, $this->world->inWindow($this->world->stall(), Items::item([Items::variant('z')], 'Else', id: 'z'))->id];
        }
        $said = $this->postJson(route('codes.store', $this->stall), ['off' => $off])->assertStatus(422);
        self::assertStringContainsString($why, $said->json('errors')[$field][0] ?? '');
        self::assertSame(0, Code::query()->where('stall_id', $this->stall->id)->count());
    }

    public function test_a_variant_of_something_else_isn_t_taken_for_one_of_the_set(): void
    {
        $this->make($this->apart() - 200);
        $shopper = new Shopper($this, $this->stall);
        $shopper->send('post', '/basket/set', [
            'set' => Code::query()->value('id'),
            'variant' => [$this->trowel->id => $this->twine->variants()->firstOrFail()->id],
        ])->assertStatus(422);
        $shopper->send('post', '/basket/set', ['set' => 'x'])->assertStatus(422);
        self::assertSame(0, DB::table('basket_lines')->count());
    }

    private function apart(): int
    {
        return (int) $this->trowel->refresh()->shown_from_minor + (int) $this->twine->refresh()->shown_from_minor;
    }

    /** @return array{goods: list<int>, price: string} */
    private function set(int $minor): array
    {
        return ['goods' => [$this->trowel->id, $this->twine->id], 'price' => number_format($minor / 100, 2, '.', '')];
    }

    /**
     * @param  array<string, mixed>  $with
     * @return TestResponse<Response>
     */
    private function make(int $minor, array $with = []): TestResponse
    {
        return $this->postJson(route('codes.store', $this->stall), ['off' => ['by' => 'set'] + $this->set($minor)] + $with);
    }

    private function page(Listing $listing): string
    {
        return (string) $this->get($this->stall->shopAddress('/goods/'.$listing->slug))->assertOk()->getContent();
    }

    private function pounds(int $minor): string
    {
        return sprintf('£%d.%02d', intdiv($minor, 100), $minor % 100);
    }
}
