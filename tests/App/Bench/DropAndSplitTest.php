<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Bench;

use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\ListingVariant;
use WindowStall\Bench\Undo\BenchChange;
use WindowStall\Bench\VariantFigures;
use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Source\Item;
use WindowStall\Core\Source\Variant;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;

/** A messy item made clean: twins dropped, five products split, several joined, a second source. */
final class DropAndSplitTest extends AppTestCase
{
    private Stall $stall;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
        $this->stall = $this->world->stall();
        foreach (
            ['GB' => [['Economy', 237, 2, 4]], 'DE' => [['Economy', 300, 3, 5]], 'CN' => [['Economy', 355, 14, 22]]] as $warehouse => $methods
        ) {
            DB::table('delivery_quotes')->insert([
                'connection_id' => $this->world->connection($this->stall)->id,
                'warehouse' => $warehouse,
                'destination' => 'GB',
                'grams' => 300,
                'methods' => json_encode($methods),
                'quoted_at' => now(),
            ]);
        }
    }

    public function test_dropping_ships_from_folds_the_twins_and_keeps_what_lands_cheapest(): void
    {
        $listing = $this->twins();
        $plan = $this->getJson(route('bench.twins', [$this->stall, $listing, 'option' => 'Ships from']))->assertOk();
        $plan
            ->assertJsonPath('before', 6)
            ->assertJsonPath('after', 2)
            ->assertJsonPath('groups.0.label', 'Steel')
            ->assertJsonPath('groups.0.why', 'it lands cheapest')
            ->assertJsonPath('groups.0.twins.0.value', 'GB')
            ->assertJsonPath('groups.0.twins.1.value', 'CN')
            ->assertJsonPath('groups.0.twins.1.standsIn', false)
            ->assertJsonPath('groups.0.twins.2.standsIn', true);
        $answer = $this->postJson(route('bench.drop', [$this->stall, $listing]), [
            'option' => 'Ships from',
            'keep' => [],
        ])->assertOk();
        $answer
            ->assertJsonCount(2, 'listing.choices.variants')
            ->assertJsonPath('listing.choices.variants.0.label', 'Steel')
            ->assertJsonPath('listing.choices.dropped', ['Ships from']);
        self::assertSame(['GB', 'GB'], array_column($answer->json('listing.choices.variants'), 'warehouse'));
        self::assertSame(['Steel', 'Copper'], $this->labels($listing));
    }

    public function test_another_twin_can_be_kept(): void
    {
        $listing = $this->twins();
        $german = $this->row($listing, 'steel-DE');
        $answer = $this->postJson(route('bench.drop', [$this->stall, $listing]), [
            'option' => 'Ships from',
            'keep' => [$german->id],
        ])->assertOk();
        self::assertSame(['DE', 'GB'], array_column($answer->json('listing.choices.variants'), 'warehouse'));
    }

    public function test_a_twin_that_keeps_the_promise_stands_in_while_the_kept_one_is_sold_out(): void
    {
        $listing = $this->twins();
        $this->postJson(route('bench.drop', [$this->stall, $listing]), ['option' => 'Ships from', 'keep' => []]);
        $cost = $this->figures($listing)[0]->landed;
        $this->world->pull($this->stall, $this->shipped(['steel-GB' => 0]));
        $steel = $this->figures($listing)[0];
        self::assertSame(['DE', 7], [$steel->warehouse, $steel->available], 'the German twin sells now');
        self::assertNotEquals($cost, $steel->landed, 'and its cost is the one that counts');
        $this->world->pull($this->stall, $this->shipped(['steel-GB' => 0, 'steel-DE' => 0]));
        self::assertSame(
            ['GB', 0],
            [$this->figures($listing)[0]->warehouse, $this->figures($listing)[0]->available],
            'China is too slow for the promise',
        );
        $this->world->pull($this->stall, $this->shipped([]));
        self::assertSame(['GB', 5], [$this->figures($listing)[0]->warehouse, $this->figures($listing)[0]->available]);
    }

    public function test_an_option_is_taken_up_again_and_each_step_is_taken_back(): void
    {
        $listing = $this->twins();
        $before = $this->rows($listing);
        $change = $this->postJson(route('bench.drop', [$this->stall, $listing]), [
            'option' => 'Ships from',
            'keep' => [],
        ])->json('change');
        $this->postJson(route('bench.undo', [$this->stall, $change]))->assertOk();
        self::assertSame($before, $this->rows($listing));
        $this->postJson(route('bench.undo', [$this->stall, $change]))
            ->assertStatus(422)
            ->assertJsonPath('message', 'That was taken back already.');

        $this->postJson(route('bench.drop', [$this->stall, $listing]), ['option' => 'Ships from', 'keep' => []]);
        $this->postJson(route('bench.take-up', [$this->stall, $listing]), ['option' => 'Ships from'])
            ->assertOk()
            ->assertJsonCount(6, 'listing.choices.variants')
            ->assertJsonPath('listing.choices.dropped', []);
        self::assertSame(
            0,
            DB::table('variant_sources')
                ->whereIn('listing_variant_id', $listing->variants()->select('id'))
                ->where('position', '>', 0)
                ->count(),
        );
        $this->getJson(route('bench.twins', [$this->stall, $listing, 'option' => 'Nonsense']))->assertStatus(422);
    }

    public function test_agreeing_to_what_changed_brings_no_twin_back(): void
    {
        $listing = $this->twins();
        $this->postJson(route('bench.drop', [$this->stall, $listing]), ['option' => 'Ships from', 'keep' => []]);
        $this->world->pull($this->stall, $this->shipped([], 900));
        $this->world->agree($this->stall);
        self::assertSame(2, $listing->variants()->count());
    }

    public function test_five_in_one_are_split_into_five_that_keep_their_link(): void
    {
        $listing = $this->world->listing($this->stall, $this->bundle());
        $parts = $this->getJson(route('bench.parts', [$this->stall, $listing]))
            ->assertOk()
            ->assertJsonPath('option', 'Style')
            ->json('parts');
        self::assertSame(['Trowel', 'Gloves', 'Twine', 'Snips', 'Dibber'], array_column($parts, 'name'));
        $groups = array_map(
            static fn (array $p): array => ['name' => $p['name'], 'variants' => array_column($p['variants'], 'id')],
            $parts,
        );
        $answer = $this->postJson(route('bench.split', [$this->stall, $listing]), ['groups' => $groups])->assertOk();
        self::assertCount(5, $answer->json('listings'));
        $all = Listing::of($this->stall)->orderBy('id')->get();
        self::assertSame(['Trowel', 'Gloves', 'Twine', 'Snips', 'Dibber'], $all->pluck('shown_title')->all());
        foreach ($all as $part) {
            self::assertSame(['S', 'L'], $this->labels($part), 'the option that told them apart is gone');
            self::assertSame(1, count($part->own_pictures ?? []), 'each has its own picture');
        }
        self::assertCount(5, $all->pluck('slug')->unique());

        // A new size appears at the supplier: only the part it belongs to takes it.
        $this->world->pull($this->stall, $this->bundle('STYLE B Gloves'));
        $this->world->agree($this->stall);
        self::assertSame(
            [2, 3, 2, 2, 2],
            Listing::of($this->stall)->withCount('variants')->orderBy('id')->get()->pluck('variants_count')->all(),
        );
    }

    public function test_a_split_is_taken_back_whole_and_nonsense_is_refused(): void
    {
        $listing = $this->world->listing($this->stall, $this->bundle());
        $before = $this->rows($listing);
        $ids = $listing->variants()->pluck('id')->all();
        foreach (
            [
                [['name' => 'A', 'variants' => $ids]],
                [
                    ['name' => 'A', 'variants' => array_slice($ids, 0, 3)],
                    ['name' => 'B', 'variants' => array_slice($ids, 2)],
                ],
                [['name' => 'A', 'variants' => array_slice($ids, 0, 3)], ['name' => 'B', 'variants' => [$ids[4]]]],
                [
                    ['name' => ' ', 'variants' => array_slice($ids, 0, 3)],
                    ['name' => 'B', 'variants' => array_slice($ids, 3)],
                ],
            ] as $groups
        ) {
            $this->postJson(route('bench.split', [$this->stall, $listing]), ['groups' => $groups])->assertStatus(422);
        }
        self::assertSame($before, $this->rows($listing));
        $change = $this->postJson(route('bench.split', [$this->stall, $listing]), [
            'groups' => [
                ['name' => 'A', 'variants' => array_slice($ids, 0, 3)],
                ['name' => 'B', 'variants' => array_slice($ids, 3)],
            ],
        ])->json('change');
        self::assertSame(2, Listing::of($this->stall)->count());
        $this->postJson(route('bench.undo', [$this->stall, $change]))->assertOk();
        self::assertSame([1, $before], [Listing::of($this->stall)->count(), $this->rows($listing)]);
    }

    public function test_several_items_are_joined_into_one_listing_and_their_drift_comes_together(): void
    {
        $one = $this->world->listing($this->stall, $this->plain('K-1', 'Steel trowel', 540));
        $two = $this->world->listing($this->stall, $this->plain('K-2', 'Copper trowel', 640));
        $join = fn (array $values, string $option = 'Metal') => $this->postJson(route('bench.join', $this->stall), [
            'listings' => [$one->id, $two->id],
            'option' => $option,
            'values' => $values,
        ]);
        $join([$one->id => 'Steel', $two->id => 'Steel'])->assertStatus(422);
        $join([$one->id => 'Steel', $two->id => 'Copper'], '')->assertStatus(422);
        $change = $join([$one->id => 'Steel', $two->id => 'Copper'])
            ->assertOk()
            ->assertJsonPath('listing', $one->id)
            ->json('change');
        self::assertSame(['Steel', 'Copper'], $this->labels($one->refresh()));
        self::assertSame(1, Listing::of($this->stall)->count());
        $this->world->pull(
            $this->stall,
            $this->plain('K-1', 'Steel trowel', 540),
            $this->plain('K-2', 'Copper trowel', 800),
        );
        self::assertSame(1, $one->refresh()->changes_count, 'the second item’s cost moved');
        $this->world->agree($this->stall);
        self::assertSame(0, $one->refresh()->changes_count);
        $this->postJson(route('bench.undo', [$this->stall, $change]))->assertStatus(422);
        $decided = BenchChange::query()->latest('id')->firstOrFail();
        $this->postJson(route('bench.undo', [$this->stall, $decided]))->assertOk();
        $this->postJson(route('bench.undo', [$this->stall, $change]))->assertOk();
        self::assertSame(
            [1, 1],
            Listing::of($this->stall)->withCount('variants')->orderBy('id')->get()->pluck('variants_count')->all(),
        );
    }

    public function test_the_same_goods_elsewhere_are_a_second_source_in_the_sellers_order(): void
    {
        $listing = $this->world->listing($this->stall, $this->plain('K-1', 'Steel trowel', 540, 4, '2000000000015'));
        $this->world->pull($this->stall, $this->plain('X-9', 'The same trowel', 800, 30, '2000000000015'));
        $row = $listing->variants()->firstOrFail();
        $offered = $this->getJson(route('bench.sources', [$this->stall, $listing, 'variant' => $row->id]))
            ->assertOk()
            ->assertJsonCount(1, 'sources')
            ->assertJsonCount(1, 'candidates')
            ->assertJsonPath('candidates.0.title', 'The same trowel');
        $second = $offered->json('candidates.0.id');
        $set = fn (array $sources) => $this->putJson(route('bench.sources.update', [$this->stall, $listing]), [
            'variant' => $row->id,
            'sources' => $sources,
        ]);
        $set([['id' => $second, 'use' => true]])
            ->assertStatus(422)
            ->assertJsonPath(
                'message',
                'The source a variant came from stays among them; switch it off if it mustn’t sell.',
            );
        $set([['id' => $row->supplier_variant_id, 'use' => false], ['id' => $second, 'use' => false]])->assertStatus(
            422,
        );
        $set([['id' => $row->supplier_variant_id, 'use' => true], ['id' => $second, 'use' => true]])
            ->assertOk()
            ->assertJsonPath('listing.choices.variants.0.sources', 2)
            ->assertJsonPath('listing.choices.variants.0.standIn', false);
        $this->world->pull(
            $this->stall,
            $this->plain('K-1', 'Steel trowel', 540, 0, '2000000000015'),
            $this->plain('X-9', 'The same trowel', 800, 30, '2000000000015'),
        );
        $figure = $this->figures($listing)[0];
        self::assertSame([$second, 30], [$figure->row->selling()->id, $figure->available]);
        $this->getJson(route('bench.listing.view', [$this->stall, $listing]))->assertJsonPath(
            'choices.variants.0.standIn',
            true,
        );
        $set([['id' => $second, 'use' => true], ['id' => $row->supplier_variant_id, 'use' => true]])
            ->assertOk()
            ->assertJsonPath('listing.choices.variants.0.stock', 30);
        $other = $this->world->stall();
        $this->world->pull($other, $this->plain('Z-1', 'Theirs', 100));
        $set([
            ['id' => $row->supplier_variant_id, 'use' => true],
            ['id' => (int) DB::table('supplier_variants')->max('id'), 'use' => true],
        ])
            ->assertStatus(422)
            ->assertJsonPath('message', 'One of these sources isn’t yours. Load the page again.');
    }

    public function test_a_step_under_a_later_one_isnt_taken_back_out_of_turn(): void
    {
        $listing = $this->twins();
        $first = $this->postJson(route('bench.drop', [$this->stall, $listing]), [
            'option' => 'Ships from',
            'keep' => [],
        ])->json('change');
        $second = $this->postJson(route('bench.delete', $this->stall), ['listings' => [$listing->id]])->json('change');
        $this->postJson(route('bench.undo', [$this->stall, $first]))
            ->assertStatus(422)
            ->assertJsonPath(
                'message',
                'Something was done to the same listings since (1 listing deleted). Take that back first.',
            );
        $this->postJson(route('bench.undo', [$this->stall, $second]))->assertOk();
        $this->postJson(route('bench.undo', [$this->stall, $first]))->assertOk();
        $this->postJson(route('bench.undo', [$this->world->stall(), $first]))->assertNotFound();
        self::assertSame(2, BenchChange::query()->where('stall_id', $this->stall->id)->count());
    }

    private function twins(): Listing
    {
        return $this->world->listing($this->stall, $this->shipped([]));
    }

    /** @param  array<string, int>  $stock  other than usual */
    private function shipped(array $stock, int $cost = 540): Item
    {
        $variants = [];
        foreach (['Steel', 'Copper'] as $metal) {
            foreach (['CN' => [$cost - 100, 90], 'DE' => [$cost, 7], 'GB' => [$cost, 5]] as $from => [$own, $pieces]) {
                $id = strtolower($metal).'-'.$from;
                $variants[] = new Variant(
                    $id,
                    $id,
                    null,
                    ['Metal' => $metal, 'Ships from' => $from],
                    Money::of($own, 'USD'),
                    null,
                    300,
                    [$from => $stock[$id] ?? $pieces],
                    0,
                );
            }
        }

        return new Item(
            'T-7',
            'Garden Trowel',
            '',
            'Hand tools',
            ['http://oakum.standins.localhost/p.png'],
            'USD',
            new DayRange(1, 2),
            null,
            $variants,
        );
    }

    private function bundle(string $further = ''): Item
    {
        $variants = [];
        $picture = 0;
        foreach (
            [
                'STYLE A Trowel' => 520,
                'STYLE B Gloves' => 710,
                'STYLE C Twine' => 160,
                'STYLE D Snips' => 380,
                'STYLE E Dibber' => 580,
            ] as $style => $cost
        ) {
            foreach (['S', 'L', ...$style === $further ? ['XL'] : []] as $size) {
                $variants[] = new Variant(
                    $style.$size,
                    $style.$size,
                    null,
                    ['Style' => $style, 'Size' => $size],
                    Money::of($cost, 'USD'),
                    null,
                    300,
                    ['GB' => 9],
                    $picture,
                );
            }
            $picture++;
        }

        return new Item(
            'B-1',
            'Tool Bundle Choose Trowel Gloves Twine',
            '',
            'Sets',
            array_map(static fn (int $n): string => "http://oakum.standins.localhost/b$n.png", range(0, 4)),
            'USD',
            new DayRange(1, 2),
            null,
            $variants,
        );
    }

    private function plain(string $id, string $title, int $cost, int $stock = 8, ?string $barcode = null): Item
    {
        return new Item(
            $id,
            $title,
            '',
            'Hand tools',
            ["http://oakum.standins.localhost/$id.png"],
            'USD',
            new DayRange(1, 2),
            null,
            [
                new Variant(
                    $id.'-v',
                    $id.'-v',
                    $barcode,
                    [],
                    Money::of($cost, 'USD'),
                    null,
                    300,
                    ['GB' => $stock],
                    0,
                ),
            ],
        );
    }

    private function row(Listing $listing, string $external): ListingVariant
    {
        return $listing->variants()->where('external_id', $external)->firstOrFail();
    }

    /** @return list<VariantFigures> */
    private function figures(Listing $listing): array
    {
        return ListingFigures::of(
            $this->stall,
            Listing::of($this->stall)->with(Listing::FOR_FIGURES)->findOrFail($listing->id),
        )->variants;
    }

    /** @return list<string> */
    private function labels(Listing $listing): array
    {
        return array_map(static fn (VariantFigures $v): string => $v->label, $this->figures($listing));
    }

    /** @return list<array<string, mixed>> */
    private function rows(Listing $listing): array
    {
        return array_values(
            ListingVariant::query()
                ->where('listing_id', $listing->id)
                ->orderBy('id')
                ->get(['id', 'supplier_variant_id', 'own_on', 'sold_variant_id', 'position'])
                ->toArray(),
        );
    }
}
