<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Shop;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use WindowStall\Bench\Events\ListingsChanged;
use WindowStall\Bench\Listing;
use WindowStall\Shop\Back\BackLetter;
use WindowStall\Shop\Back\TellBack;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;

/** Who waits for goods that have sold out is told once, and forgotten. */
final class BackWishesTest extends AppTestCase
{
    private Stall $stall;

    private Listing $pot;

    protected function setUp(): void
    {
        parent::setUp();
        Mail::fake();
        $this->stall = $this->world->stall($this->signIn());
        $this->pot = $this->world->inWindow($this->stall, Items::item([Items::variant('pot')], 'Pot', id: 'pot'));
        $this->stock(0);
    }

    public function test_only_what_has_sold_out_can_be_waited_for_and_only_with_consent(): void
    {
        $this->get($this->stall->shopAddress('/goods/'.$this->pot->slug))->assertOk()->assertSee('Tell me when it is back');
        $there = $this->world->inWindow($this->stall, Items::item([Items::variant('there')], 'There', id: 'there'));
        $this->get($this->stall->shopAddress('/goods/'.$there->slug))->assertOk()->assertDontSee('Tell me when it is back');

        $this->wish(['agreed' => ''])->assertStatus(422);
        $this->wish(['email' => 'ines'])->assertStatus(422);
        $this->wish(['listing' => 0])->assertNotFound();
        self::assertSame(0, DB::table('back_wishes')->count());
        $this->wish()->assertOk()->assertSee('You get one mail once Pot can be bought again.');
        $this->wish()->assertOk();
        self::assertSame(['ines@fennimore.example'], DB::table('back_wishes')->pluck('email')->all(), 'once, whatever the letters');
    }

    public function test_they_are_told_once_it_can_be_bought_again_and_never_again(): void
    {
        $this->wish();
        (new TellBack())->handle();
        Mail::assertNothingQueued();

        $this->stock(4);
        (new TellBack())->handle();
        (new TellBack())->handle();
        Mail::assertQueuedCount(1);
        Mail::assertQueued(BackLetter::class, static fn (BackLetter $m): bool => $m->hasTo('ines@fennimore.example') && $m->title === 'Pot');
        self::assertSame(0, DB::table('back_wishes')->count());
        (new BackLetter('Quillet', 'Pot', 'http://x/goods/pot'))->assertSeeInText('Pot can be bought again.');
    }

    private function stock(int $pieces): void
    {
        DB::table('supplier_variants')
            ->whereIn('id', $this->pot->variants()->pluck('supplier_variant_id'))
            ->update(['stock' => $pieces]);
        event(new ListingsChanged($this->stall, [$this->pot->id]));
    }

    /**
     * @param  array<string, mixed>  $typed
     * @return TestResponse<Response>
     */
    private function wish(array $typed = []): TestResponse
    {
        return $this->post($this->stall->shopAddress('/back'), $typed + [
            'listing' => $this->pot->id,
            'email' => 'Ines@Fennimore.example',
            'agreed' => '1',
        ]);
    }
}
