<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Bench;

use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\Patch\ListingPatch;
use WindowStall\Bench\Prices\Price;
use WindowStall\Bench\Views\ListingView;
use WindowStall\Bench\Views\PricedByView;
use WindowStall\Bench\Views\SaleView;
use WindowStall\Bench\Views\SegmentView;
use WindowStall\Core\Landing\Landed;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Pricing\Sale\Till;
use WindowStall\Stall\Terms\RecipeForm;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Pricing\Terms;
use WindowStall\Tests\Core\Source\Items;

/** What the screen of a listing is told, and the bar of the till strip. */
final class ListingViewTest extends AppTestCase
{
    public function test_a_listing_nobody_has_touched_follows_in_everything(): void
    {
        $stall = $this->world->stall();
        $view = ListingView::of(ListingFigures::of($stall, $this->world->listing($stall)));
        self::assertSame(
            [false, false, false, false, 0],
            [$view->title->held, $view->words->held, $view->pictures->held, $view->pricedBy->held, $view->pending->held],
        );
        self::assertSame(['Clr: STL-01, CPR-02'], $view->supplier->options);
        self::assertSame(['£4.35 + £1.91 delivery from GB, 3 to 6 days'], $view->supplier->arrival);
        self::assertSame('landed × 2.4, ends .95, floor 10%', $view->pricedBy->recipe->words);
        self::assertSame('STL-01, one piece, to the United Kingdom', $view->choices->sales[0]?->about);
        self::assertSame([], $view->stands->lacks);
        self::assertNull($view->stands->shopUrl);
    }

    public function test_the_recipes_are_named_that_price_what_is_on(): void
    {
        $stall = $this->world->stall();
        $listing = $this->world->listing($stall);
        [$a, $b] = $listing->variants()->get()->all();
        $last = $stall->recipes()->firstOrFail();
        $dear = $last->replicate()->fill(['name' => 'Dear things', 'position' => 1]);
        $dear->save();
        Price::query()->where('listing_variant_id', $b->id)->update(['recipe_id' => $dear->id]);
        $named = function (bool $first, bool $second) use ($stall, $listing, $a, $b): array {
            $a->forceFill(['own_on' => $first])->save();
            $b->forceFill(['own_on' => $second])->save();
            $fresh = Listing::of($stall)->findOrFail($listing->id);
            $view = PricedByView::of(ListingFigures::of($stall->load('recipes'), $fresh));

            return [$view->name, $view->others];
        };
        self::assertSame([$last->name, ['Dear things']], $named(true, true));
        self::assertSame(['Dear things', []], $named(false, true));
        self::assertSame([$last->name, []], $named(true, false));
        self::assertSame([$last->name, ['Dear things']], $named(false, false));
    }

    public function test_every_word_of_the_sellers_is_counted_as_held(): void
    {
        $stall = $this->world->stall();
        $listing = $this->world->listing($stall);
        [$a, $b] = $listing->variants()->get()->all();
        $this->world->say($listing, ListingPatch::none()->title('Trowel'));
        $this->world->say($listing, ListingPatch::none()->words('<p>Mine</p>'));
        $this->world->say($listing, ListingPatch::none()->recipe(RecipeForm::written([
            'basis' => 'landed',
            'steps' => [['upTo' => '', 'method' => 'factor', 'value' => '3']],
            'ending' => '0',
        ], $stall->currencyValue())));
        $this->world->say($listing, ListingPatch::none()->price([$a->id], $stall->money(2100)));
        $this->world->say($listing, ListingPatch::none()->switched([$b->id], false));
        $view = ListingView::of(ListingFigures::of($stall, $listing->refresh()->unsetRelations()));
        self::assertSame(5, $view->pending->held);
        self::assertSame('landed × 3, ends .00', $view->pricedBy->recipe->words);
        self::assertSame(
            ['£21.00', '£19.00'],
            [$view->choices->variants[0]->price?->text, $view->choices->variants[0]->recipePrice?->text],
        );
    }

    public function test_a_suppliers_html_is_clean_before_it_reaches_the_screen(): void
    {
        $stall = $this->world->stall();
        $view = ListingView::of(
            ListingFigures::of(
                $stall,
                $this->world->listing(
                    $stall,
                    Items::item(
                        [Items::variant('a')],
                        description: '<p onclick="x()">Hello<script>alert(1)</script></p>',
                    ),
                ),
            ),
        );
        self::assertSame('<p>Hello</p>', $view->supplier->words);
        self::assertSame('<p>Hello</p>', $view->words->shown);
    }

    public function test_an_item_of_one_kind_reads_naturally(): void
    {
        $stall = $this->world->stall();
        $variant = new \WindowStall\Core\Source\Variant(
            'solo',
            'S',
            null,
            [],
            Money::of(540, 'USD'),
            null,
            300,
            ['GB' => 2],
            null,
        );
        $view = ListingView::of(ListingFigures::of($stall, $this->world->listing($stall, Items::item([$variant]))));
        self::assertSame(
            ['One kind', 'One piece, to the United Kingdom', []],
            [$view->choices->variants[0]->label, $view->choices->sales[0]?->about, $view->choices->options],
        );
    }

    public function test_the_bars_parts_fill_it_whether_one_earns_or_loses(): void
    {
        foreach ([1895, 500] as $price) {
            $sale = $this->sale($price);
            $shares = array_sum(array_map(static fn (SegmentView $s): int => $s->share, $sale->segments));
            self::assertGreaterThan(9_990, $shares);
            self::assertLessThanOrEqual(10_000, $shares);
        }
    }

    public function test_a_loss_is_said_in_words_and_has_no_keep_in_the_bar(): void
    {
        $sale = $this->sale(500);
        self::assertTrue($sale->loses);
        self::assertSame('You lose £1.93 on every sale at this price.', $sale->note);
        self::assertSame(
            ['goods', 'delivery', 'fee', 'tax'],
            array_map(static fn (SegmentView $s): string => $s->key, $sale->segments),
        );
    }

    public function test_free_delivery_and_paid_delivery_are_told_apart(): void
    {
        self::assertSame('Delivery is free to the shopper.', $this->sale(1895)->note);
        self::assertSame('The shopper pays £2.95 for delivery besides.', $this->sale(1895, 295)->note);
    }

    private function sale(int $price, int $charged = 0): SaleView
    {
        return SaleView::of(
            'x',
            Till::ring(
                Money::gbp($price),
                Landed::of(Money::gbp(400), Money::gbp(182)),
                Terms::simple('GBP', $charged),
            ),
        );
    }
}
