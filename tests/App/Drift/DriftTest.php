<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Drift;

use WindowStall\Bench\EditListing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;

final class DriftTest extends AppTestCase
{
    public function test_a_raised_cost_moves_a_following_price_by_its_recipe_and_leaves_a_held_one(): void
    {
        $this->signIn();
        $stall = $this->world->stall();
        $listing = $this->world->inWindow($stall);
        [$follows, $held] = $listing->variants()->get()->all();
        app(EditListing::class)->price($stall, $listing, $held, $stall->money(2500));
        app(EditListing::class)->title($stall, $listing, 'Hand trowel');
        self::assertSame(1595, $follows->prices()->where('market', 'GB')->value('price_minor'));

        $this->world->pull($stall, Items::item([Items::variant('a', 864), Items::variant('b', 992, 3, 'CPR-02')], 'Garden Trowel 2027'));

        self::assertSame([2195, 2500], [$follows->prices()->where('market', 'GB')->value('price_minor'), $held->prices()->where('market', 'GB')->value('price_minor')]);
        $figures = ListingFigures::of($stall, $listing->refresh());
        self::assertSame('Hand trowel', $figures->title->shown());
        $this->get(route('drift', $stall))->assertOk()->assertInertia(fn ($page) => $page
            ->where('rows.0.changes.0.kind', 'title')->where('rows.0.changes.0.effect', 'Yours is held and stays.')
            ->where('rows.0.changes.1.before', '5.40 USD')->where('rows.0.changes.1.after', '8.64 USD')
            ->where('rows.0.changes.1.effect', fn (string $e): bool => str_starts_with($e, 'The price moves £15.95 → £21.95 by its recipe; you keep '))
            ->where('rows.0.changes.2.effect', fn (string $e): bool => str_starts_with($e, 'Your price of £25.00 is held; you keep ')));

        $this->post(route('drift.agree', $stall), ['listings' => [$listing->id]])->assertSessionHas('say', 'Agreed to 3 changes.');
        self::assertSame(0, $listing->refresh()->changes_count);
        self::assertSame(2500, $held->prices()->where('market', 'GB')->value('price_minor'), 'agreeing never touches the seller’s own word');
    }

    public function test_keeping_mine_holds_the_word_last_agreed_to(): void
    {
        $this->signIn();
        $stall = $this->world->stall();
        $listing = $this->world->listing($stall);
        $this->world->pull($stall, Items::item([Items::variant('a'), Items::variant('b', 620, 3, 'CPR-02')], 'Garden Trowel HOT SALE'));
        self::assertSame('Garden Trowel HOT SALE', $listing->refresh()->shown_title, 'a following title follows');
        $this->post(route('drift.keep', [$stall, $listing]), ['field' => 'title'])->assertRedirect();
        self::assertSame('Garden Trowel NEW', $listing->refresh()->shown_title);
    }

    public function test_a_new_variant_waits_for_agreement_and_a_gone_one_cant_be_bought(): void
    {
        $this->signIn();
        $stall = $this->world->stall();
        $listing = $this->world->inWindow($stall);
        $this->world->pull($stall, Items::item([Items::variant('a'), Items::variant('c', 580, 9, 'BLK-03')]));
        $figures = ListingFigures::of($stall, $listing->refresh());
        self::assertSame(['a' => true, 'b' => false], array_combine(array_map(fn ($v) => $v->row->external_id, $figures->variants), array_map(fn ($v) => $v->buyable(), $figures->variants)));
        $this->post(route('drift.agree', $stall), ['listings' => [$listing->id]]);
        self::assertSame(['a', 'c'], $listing->variants()->pluck('external_id')->sort()->values()->all());
    }
}
