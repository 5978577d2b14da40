<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Bench;

use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\ListingState;
use WindowStall\Bench\PutInWindow;
use WindowStall\Core\Bench\Lack;
use WindowStall\Core\Source\Blank;
use WindowStall\Core\Source\Item;
use WindowStall\Source\SupplierVariant;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;

/** What keeps a listing on the bench: what can't be ordered, and what no shopper should read. */
final class GateTest extends AppTestCase
{
    private Stall $stall;

    protected function setUp(): void
    {
        parent::setUp();
        $this->stall = $this->world->stall($this->signIn());
    }

    public function test_a_blank_that_no_supplier_takes_an_order_for_isnt_ready_and_cant_be_bought(): void
    {
        $blank = $this->world->listing($this->stall, $this->blank());
        $placed = app(PutInWindow::class)($this->stall, Listing::of($this->stall)->whereKey($blank->id)->get());
        self::assertSame([], $placed->placed);
        self::assertSame(
            ['It is a blank, and its print house takes no order for a blank without artwork.'],
            array_map(static fn (Lack $l): string => $l->words, $placed->left[0]['lacks']),
        );
        // One that lay in the window before this was weighed isn't sold either.
        $blank->update(['state' => ListingState::InWindow]);
        $variant = ListingFigures::of($this->stall, $blank->refresh())->variants[0];
        self::assertSame([0, false], [$variant->available, $variant->buyable()]);
        self::assertSame(12, (int) $variant->row->selling()->stock, 'what its supplier says of it stands');
    }

    public function test_pieces_to_sell_are_the_same_in_sql_as_in_the_program(): void
    {
        $listing = $this->world->listing($this->stall);
        $row = SupplierVariant::query()->whereKey($listing->variants()->value('supplier_variant_id'))->firstOrFail();
        foreach ([[12, 0, 0, 0], [12, 5, 4, 2], [3, 5, 0, 0], [2_000_000_000, 0, 1, 3], [0, 0, 0, 0]] as $says) {
            foreach ([true, false] as $toOrder) {
                foreach ([null, now()] as $gone) {
                    $row->update([
                        ...array_combine(['stock', 'out_of_reach', 'promised', 'kept_back'], $says),
                        'to_order' => $toOrder,
                        'gone_at' => $gone,
                    ]);
                    self::assertSame(
                        $row->available(),
                        DB::table('supplier_variants')->where('id', $row->id)->value('available'),
                    );
                }
            }
        }
    }

    public function test_a_suppliers_words_keep_it_on_the_bench_until_they_are_mended_or_said_to_be_meant(): void
    {
        $listing = $this->world->listing($this->stall, Items::item(
            [Items::variant('a', colour: 'GRN-05'), Items::variant('b', colour: 'Copper')],
            'Hand trowel',
            '<p>Dear friend welcome our store!!</p><p>Of steel. Wholesale welcome</p>',
        ));
        $listing->update(['own_meant' => []]);
        $this->getJson(route('bench.listing.view', [$this->stall, $listing]))
            ->assertJsonPath('stands.lacks.0.place', 'names')
            ->assertJsonPath('stands.lacks.1.place', 'words');
        $this->postJson(route('bench.window', $this->stall), ['listings' => [$listing->id]])
            ->assertJsonPath('placed', []);
        $this->change($listing, ['names' => ['Clr' => ['as' => 'Colour', 'values' => ['GRN-05' => 'Green']]]])
            ->assertJsonPath('stands.lacks.0.place', 'words');
        self::assertSame(1, $listing->refresh()->wording_lacks);
        $meant = $this->change($listing, ['words' => '<p>Of steel. Wholesale welcome</p>'])->json('stands.lacks.0.meant');
        self::assertSame(['Wholesale welcome'], $meant);
        $this->change($listing, ['meant' => $meant])->assertJsonPath('stands.lacks', []);
        self::assertSame(0, $listing->refresh()->wording_lacks);
        $this->postJson(route('bench.undo', [$this->stall, $this->lastStep()]))->assertOk();
        self::assertSame([[], 1], [$listing->refresh()->own_meant, $listing->wording_lacks], 'it can be taken back');
    }

    /**
     * @param  array<mixed>  $own
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function change(Listing $listing, array $own): \Illuminate\Testing\TestResponse
    {
        return $this->patchJson(route('bench.listing.update', [$this->stall, $listing]), $own)->assertOk();
    }

    private function lastStep(): int
    {
        return (int) DB::table('bench_changes')->where('stall_id', $this->stall->id)->max('id');
    }

    private function blank(): Item
    {
        $plain = Items::item([Items::variant('a', colour: 'White')], 'Heavy cotton tee', '<p>A tee.</p>');

        return new Item(
            $plain->id,
            $plain->title,
            $plain->description,
            $plain->category,
            $plain->pictures,
            $plain->currency,
            $plain->processing,
            $plain->ratingTenths,
            $plain->variants,
            new Blank([], []),
        );
    }
}
