<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Opening;

use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\App\Shop\Shopper;
use WindowStall\Tests\Core\Source\Items;

/** The country and the currency of a stall can be changed as long as nothing goes by them. */
final class GroundTest extends AppTestCase
{
    private Stall $stall;

    protected function setUp(): void
    {
        parent::setUp();
        $this->stall = $this->world->stall($this->signIn());
    }

    public function test_a_stall_that_began_in_the_wrong_currency_counts_in_another(): void
    {
        $this->world->pull($this->stall, Items::item([Items::variant('a', 620)]));
        $landed = fn (): array => DB::table('supplier_variants')->where('stall_id', $this->stall->id)->pluck('goods_minor')->all();
        $before = $landed();
        self::assertNotSame([], $before);
        $this->put(route('opening.ground', $this->stall), ['country' => 'IE', 'currency' => 'EUR'])->assertRedirect()->assertSessionHas('say');
        $stall = $this->stall->refresh();
        self::assertSame(['IE', 'EUR', 0], [$stall->country, $stall->currency, $stall->rates()->where('from', 'EUR')->count()]);
        self::assertSame(1, $stall->rates()->where('from', 'GBP')->count());
        self::assertGreaterThan(295, $stall->flat_delivery_minor, 'a pound is more than a euro');
        self::assertGreaterThan($before[0], $landed()[0], 'what suppliers have is worked out anew');
        // Priced from there on in euros.
        $listing = $this->world->listing($stall->refresh(), Items::item([Items::variant('b', 620)], id: 'b'));
        self::assertNotNull($listing->variants()->firstOrFail()->prices()->first()?->price_minor);
    }

    public function test_once_something_goes_by_them_they_stay(): void
    {
        $this->world->inWindow($this->stall);
        $this->put(route('opening.ground', $this->stall), ['country' => 'GB', 'currency' => 'EUR'])->assertSessionHasErrors('said');
        self::assertSame('GBP', $this->stall->refresh()->currency);
        $this->put(route('opening.ground', $this->stall), ['country' => 'IE', 'currency' => 'GBP'])->assertSessionHasNoErrors();
        self::assertSame('IE', $this->stall->refresh()->country);

        $shopper = new Shopper($this, $this->stall);
        $shopper->put(Listing::of($this->stall)->firstOrFail()->variants()->firstOrFail());
        $shopper->checkOut()->assertRedirect();
        $this->put(route('opening.ground', $this->stall), ['country' => 'GB', 'currency' => 'GBP'])->assertSessionHasErrors('said');
        self::assertSame('IE', Stall::query()->whereKey($this->stall->id)->value('country'));
        $this->put(route('opening.ground', $this->stall), ['country' => 'XX', 'currency' => 'beans'])->assertSessionHasErrors(['country', 'currency']);
    }
}
