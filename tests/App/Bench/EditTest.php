<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Bench;

use PHPUnit\Framework\Attributes\TestWith;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;

final class EditTest extends AppTestCase
{
    private Stall $stall;

    private Listing $listing;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
        $this->stall = $this->world->stall();
        $this->listing = $this->world->listing($this->stall);
    }

    public function test_saying_something_holds_a_field_and_it_can_follow_again(): void
    {
        $this->change(['title' => '  Hand   trowel '])
            ->assertOk()
            ->assertJson(['title' => ['shown' => 'Hand trowel', 'held' => true], 'supplier' => ['title' => 'Garden Trowel NEW']]);
        $this->world->pull(
            $this->stall,
            Items::item([Items::variant('a'), Items::variant('b', 620, 3, 'CPR-02')], 'Garden Trowel HOT'),
        );
        self::assertSame(
            'Hand trowel',
            ListingFigures::of($this->stall, $this->fresh())->title->shown(),
            'a pull never overwrites the seller',
        );
        $this->change(['title' => null, 'follow' => true])->assertJson([
            'title' => ['shown' => 'Garden Trowel HOT', 'held' => false],
        ]);
    }

    public function test_an_emptied_title_is_held_empty_and_keeps_the_listing_on_the_bench(): void
    {
        $this->change(['title' => ''])
            ->assertOk()
            ->assertJson(['title' => ['shown' => '', 'held' => true]]);
        $this->postJson(route('bench.window', $this->stall), ['listings' => [$this->listing->id]])
            ->assertOk()
            ->assertJsonPath('left.0.lacks.0.place', 'title')
            ->assertJsonPath('placed', []);
    }

    public function test_words_keep_their_form_and_lose_what_could_harm(): void
    {
        $dirty =
            '<h2 onclick="x()">Made to last</h2><p style="color:red">An <strong>ash</strong> '.
                'handle<script>alert(1)</script><img src=x onerror=alert(1)></p><ul><li>one</li></ul><a '.
                'href="javascript:alert(1)">a</a><a href="https://quillet.example/">b</a><iframe '.
                'src="//evil.example"></iframe>';
        $this->change(['words' => $dirty])->assertOk();
        $kept = (string) $this->fresh()->own_words;
        foreach (
            ['<h2>Made to last</h2>', '<strong>ash</strong>', '<li>one</li>', 'href="https://quillet.example/"'] as $good
        ) {
            self::assertStringContainsString($good, $kept);
        }
        foreach (['script', 'onclick', 'onerror', 'style=', 'javascript:', 'iframe', '<img'] as $bad) {
            self::assertStringNotContainsString($bad, $kept);
        }
    }

    #[TestWith([['title' => ['x']]], 'a list for a title')]
    #[TestWith([['pictures' => 'x']])]
    #[TestWith([['pictures' => [99_999_999]]], 'a picture that isn’t the listing’s')]
    #[
        TestWith([
            [
                'recipe' => [
                    'basis' => 'landed',
                    'steps' => [['method' => 'factor', 'value' => 'lots']],
                    'ending' => '0.95',
                ],
            ],
        ]),
    ]
    #[
        TestWith([
            [
                'recipe' => [
                    'basis' => 'landed',
                    'steps' => [['method' => 'factor', 'value' => '0']],
                    'ending' => '0.95',
                ],
            ],
        ]),
    ]
    #[
        TestWith([
            ['recipe' => ['basis' => 'landed', 'steps' => [['method' => 'factor', 'value' => '2.4']], 'ending' => '1']],
        ]),
    ]
    #[TestWith([['names' => ['Clr' => ['as' => 'x', 'values' => ['STL-01' => ['y']]]]]])]
    public function test_what_doesnt_fit_a_field_is_refused_with_a_sentence(mixed $own): void
    {
        self::assertIsArray($own);
        $message = $this->change($own)->assertUnprocessable()->json('message');
        self::assertMatchesRegularExpression('/\S+ \S+.*[.)]$/', $message);
    }

    public function test_values_stand_in_the_order_the_seller_gives_them(): void
    {
        $option = $this->change([])->json('choices.options.0');
        $values = array_column($option['values'], 'value');
        self::assertGreaterThan(1, count($values));
        $before = array_column((array) $this->change([])->json('choices.variants'), 'id');

        $after = $this->change([
            'value_order' => ['option' => $option['name'], 'values' => array_reverse($values)],
        ])->assertOk();
        self::assertSame(array_reverse($values), array_column((array) $after->json('choices.options.0.values'), 'value'));
        self::assertSame(array_reverse($before), array_column((array) $after->json('choices.variants'), 'id'));
        $this->change(['value_order' => ['option' => 'no such', 'values' => ['x']]])
            ->assertOk()
            ->assertJsonPath('choices.variants.0.id', end($before));
    }

    public function test_over_long_text_is_refused_not_cut(): void
    {
        $this->change(['title' => str_repeat('a', 301)])
            ->assertUnprocessable()
            ->assertJsonPath('message', 'The title has 301 letters; 300 is the most.');
        $this->change(['words' => '<p>'.str_repeat('long ', 5000).'</p>'])->assertUnprocessable();
        self::assertNull($this->fresh()->own_title);
    }

    public function test_a_price_by_hand_is_held_and_the_recipe_can_have_it_back(): void
    {
        $variant = $this->listing->variants()->firstOrFail();
        $recipe = $variant->priceIn('GB')?->price_minor;
        $this->variant(['variants' => [$variant->id], 'price' => '£20'])
            ->assertOk()
            ->assertJsonPath('choices.variants.0.price.text', '£20.00')
            ->assertJsonPath('choices.variants.0.byHand', true);
        $this->variant(['variants' => [$variant->id], 'price' => null])
            ->assertJsonPath('choices.variants.0.price.minor', $recipe)
            ->assertJsonPath('choices.variants.0.byHand', false);
    }

    #[TestWith(['-5', 'A price can’t be below nothing.'])]
    #[TestWith(['free', '“free” can’t be read as an amount. Write it as 12.95.'])]
    #[TestWith(['99999999', '“99999999” is more than a till can hold. 1,000,000 is the most.'])]
    #[TestWith(['1.999', '“1.999” is finer than GBP goes: 2 decimals at most.'])]
    public function test_absurd_prices_get_a_sentence_and_change_nothing(string $typed, string $sentence): void
    {
        $variant = $this->listing->variants()->firstOrFail();
        $this->variant(['variants' => [$variant->id], 'price' => $typed])
            ->assertUnprocessable()
            ->assertJsonPath('message', $sentence);
        $this->getJson(
            route('bench.till', [$this->stall, $this->listing, 'variant' => $variant->id, 'price' => $typed]),
        )
            ->assertUnprocessable()
            ->assertJsonPath('message', $sentence);
        self::assertNull($variant->refresh()->own_price_minor);
    }

    public function test_the_till_answers_what_a_typed_price_comes_to_without_saving(): void
    {
        $variant = $this->listing->variants()->firstOrFail();
        // Goods 5.40 and delivery 2.37 USD at 0.79 with a 2% cushion: 4.35 and 1.91. G = 22.95, tax 3.83, fee 0.54.
        $this->getJson(route('bench.till', [$this->stall, $this->listing, 'variant' => $variant->id, 'price' => '20']))
            ->assertOk()
            ->assertJsonPath('keep.text', '£12.32')
            ->assertJsonPath('margin', '64%')
            ->assertJsonPath('loses', false)
            ->assertJsonPath('segments.0.money.digits', '4.35');
        $this->getJson(
            route('bench.till', [$this->stall, $this->listing, 'variant' => $variant->id, 'price' => '1']),
        )->assertJsonPath('loses', true);
        self::assertNull($variant->refresh()->own_price_minor);
    }

    public function test_a_listing_that_would_lose_money_isnt_shown_and_says_by_how_much(): void
    {
        $variant = $this->listing->variants()->firstOrFail();
        $this->variant(['variants' => [$variant->id], 'price' => '1.00']);
        $this->postJson(route('bench.window', $this->stall), ['listings' => [$this->listing->id]])
            ->assertJsonPath('placed', [])
            ->assertJsonPath('left.0.lacks.0.place', 'price');
        $this->variant(['variants' => [$variant->id], 'on' => false]);
        $this->postJson(route('bench.window', $this->stall), ['listings' => [$this->listing->id]])
            ->assertJsonPath('left', [])
            ->assertJsonPath('placed.0.id', $this->listing->id);
    }

    public function test_options_are_read_in_the_sellers_own_words(): void
    {
        $this->change(['names' => ['Clr' => ['as' => 'Finish', 'values' => ['STL-01' => 'Steel', 'CPR-02' => '']]]])
            ->assertOk()
            ->assertJsonPath('choices.variants.0.label', 'Steel')
            ->assertJsonPath('choices.variants.1.label', 'CPR-02');
    }

    public function test_a_name_said_alone_leaves_the_others_as_they_are(): void
    {
        $this->change(['names' => ['Clr' => ['values' => ['STL-01' => 'Steel']]]]);
        $this->change(['names' => ['Clr' => ['values' => ['CPR-02' => 'Copper']]]]);
        $this->change(['names' => ['Clr' => ['as' => 'Finish']]]);
        self::assertEquals(
            ['Clr' => ['as' => 'Finish', 'values' => ['STL-01' => 'Steel', 'CPR-02' => 'Copper']]],
            $this->fresh()->own_names,
        );
        $this->change(['names' => ['Clr' => ['values' => ['STL-01' => '']]]]);
        self::assertSame(['CPR-02' => 'Copper'], $this->fresh()->own_names['Clr']['values'] ?? []);
    }

    public function test_the_address_of_a_page_follows_the_title_until_it_was_shown(): void
    {
        $this->change(['title' => 'Ash trowel']);
        self::assertSame('ash-trowel', $this->fresh()->slug);
        $this->postJson(route('bench.window', $this->stall), ['listings' => [$this->listing->id]]);
        $this->change(['title' => 'Oak trowel']);
        self::assertSame('ash-trowel', $this->fresh()->slug);
    }

    /**
     * @param  array<mixed>  $own
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function change(array $own): \Illuminate\Testing\TestResponse
    {
        return $this->patchJson(route('bench.listing.update', [$this->stall, $this->listing]), $own);
    }

    /**
     * @param  array<mixed>  $own
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function variant(array $own): \Illuminate\Testing\TestResponse
    {
        return $this->patchJson(route('bench.variants.update', [$this->stall, $this->listing]), $own);
    }

    /** @phpstan-impure */
    private function fresh(): Listing
    {
        return Listing::query()->findOrFail($this->listing->id);
    }
}
