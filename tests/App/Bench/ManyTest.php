<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Bench;

use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingState;
use WindowStall\Runs\RunState;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;

/** Many listings at once, each batch one step. */
final class ManyTest extends AppTestCase
{
    private Stall $stall;

    /** @var list<int> */
    private array $ids = [];

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
        $this->stall = $this->world->stall();
        foreach (['Copper Trowel HOT', 'Steel Trowel HOT', 'Rain Gauge'] as $n => $title) {
            $this->ids[] = $this->world->listing(
                $this->stall,
                Items::item([Items::variant('v'.$n)], $title, id: 'M-'.$n),
            )->id;
        }
    }

    public function test_cells_are_written_and_the_whole_batch_is_taken_back_in_one(): void
    {
        $cells = [
            ['listing' => $this->ids[0], 'field' => 'title', 'value' => 'Copper trowel'],
            ['listing' => $this->ids[0], 'field' => 'tags', 'value' => 'Gift, spring,  gift ,'],
            ['listing' => $this->ids[1], 'field' => 'type', 'value' => ' Hand  tools '],
            ['listing' => $this->ids[2], 'field' => 'notes', 'value' => "ask\nabout glass"],
        ];
        $answer = $this->postJson(route('bench.cells', $this->stall), ['cells' => $cells])
            ->assertOk()
            ->assertJsonPath('words', '4 cells written in 3 listings');
        self::assertSame(
            [
                ['Copper trowel', ['Gift', 'spring'], null, null],
                ['Steel Trowel HOT', [], 'Hand tools', null],
                ['Rain Gauge', [], null, "ask\nabout glass"],
            ],
            $this->state(),
        );
        $this->postJson(route('bench.undo', [$this->stall, $answer->json('change')]))->assertOk();
        self::assertSame(
            [
                ['Copper Trowel HOT', [], null, null],
                ['Steel Trowel HOT', [], null, null],
                ['Rain Gauge', [], null, null],
            ],
            $this->state(),
        );
    }

    public function test_an_emptied_title_follows_the_supplier_again(): void
    {
        $write = fn (string $title) => $this->postJson(route('bench.cells', $this->stall), [
            'cells' => [['listing' => $this->ids[0], 'field' => 'title', 'value' => $title]],
        ])->assertOk();
        $write('Mine')->assertJsonPath('rows.0.titleHeld', true);
        $write('')->assertJsonPath('rows.0.titleHeld', false)->assertJsonPath('rows.0.title', 'Copper Trowel HOT');
    }

    public function test_words_are_found_and_replaced_in_a_column(): void
    {
        $replace = fn (string $find, string $with, string $field = 'title') => $this->postJson(
            route('bench.replace', $this->stall),
            ['listings' => $this->ids, 'field' => $field, 'find' => $find, 'with' => $with],
        );
        $replace(' hot', '')->assertOk()->assertJsonPath('words', '“ hot” replaced in 2 listings');
        self::assertSame(['Copper Trowel', 'Steel Trowel', 'Rain Gauge'], array_column($this->state(), 0));
        $replace('nowhere', 'x')
            ->assertOk()
            ->assertJsonPath('change', null)
            ->assertJsonPath('words', '“nowhere” stands in none of them.');
        $replace('Rain', '$1 \\0 & <b>')->assertOk();
        self::assertSame('$1 \\0 & <b> Gauge', $this->state()[2][0], 'what is put in is taken as it stands');
        $replace('', 'x')->assertStatus(422);
        $replace('x', 'y', 'price')->assertStatus(422);
    }

    public function test_tags_are_added_and_taken_off(): void
    {
        $tags = fn (array $add, array $remove) => $this->postJson(route('bench.tags', $this->stall), [
            'listings' => $this->ids,
            'add' => $add,
            'remove' => $remove,
        ])->assertOk();
        $tags(['spring', 'Gift'], []);
        $tags(['gift'], ['SPRING']);
        self::assertSame([['Gift'], ['Gift'], ['Gift']], array_column($this->state(), 1));
        $this->get(route('bench.grid', [$this->stall, 'tag' => 'Gift']))
            ->assertOk()
            ->assertInertia(fn ($page) => $page->has('rows', 3)->where('tags', ['Gift']));
        $this->get(route('bench.grid', [$this->stall, 'tag' => 'spring']))->assertInertia(
            fn ($page) => $page->has('rows', 0),
        );
    }

    public function test_what_doesnt_fit_is_refused_and_nothing_of_the_batch_is_written(): void
    {
        $write = fn (array $cells) => $this->postJson(route('bench.cells', $this->stall), ['cells' => $cells]);
        $write([
            ['listing' => $this->ids[0], 'field' => 'type', 'value' => 'ok'],
            ['listing' => $this->ids[1], 'field' => 'type', 'value' => str_repeat('x', 61)],
        ])
            ->assertStatus(422)
            ->assertJsonPath(
                'message',
                '“xxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxx…” is longer than the 60 letters that fit into type.',
            );
        $other = $this->world->listing($this->world->stall());
        $write([
            ['listing' => $this->ids[0], 'field' => 'type', 'value' => 'ok'],
            ['listing' => $other->id, 'field' => 'type', 'value' => 'stolen'],
        ])->assertStatus(422);
        $write([['listing' => $this->ids[0], 'field' => 'state', 'value' => 'in_window']])->assertStatus(422);
        self::assertSame([null, null, null], array_column($this->state(), 2));
        self::assertNull($other->refresh()->own_type);
    }

    public function test_deleting_is_one_step_and_taken_back_in_one(): void
    {
        $this->world->inWindow($this->stall, Items::item([Items::variant('w')], 'Shown', id: 'W-1'));
        $shown = Listing::of($this->stall)->where('state', ListingState::InWindow)->firstOrFail();
        $change = $this->postJson(route('bench.delete', $this->stall), ['listings' => [...$this->ids, $shown->id]])
            ->assertOk()
            ->assertJsonPath('words', '4 listings deleted')
            ->json('change');
        self::assertSame(0, Listing::of($this->stall)->count());
        $this->get(route('bench', $this->stall))->assertInertia(fn ($page) => $page->where('any', false));
        $this->get(route('bench.listing', [$this->stall, $shown->id]))->assertNotFound();
        // Its item can be taken again meanwhile, and its address is free of clashes.
        $this->post(route('source.take', $this->stall), ['items' => [$shown->supplier_item_id]])->assertRedirect();
        self::assertSame(1, Listing::of($this->stall)->count());
        $this->postJson(route('bench.undo', [$this->stall, $change]))->assertOk();
        self::assertSame(
            [5, 1],
            [
                Listing::of($this->stall)->count(),
                Listing::of($this->stall)->where('state', ListingState::InWindow)->count(),
            ],
        );
    }

    public function test_many_are_put_in_the_window_with_progress_and_those_that_cant_say_why(): void
    {
        $this->postJson(route('bench.cells', $this->stall), [
            'cells' => [['listing' => $this->ids[1], 'field' => 'title', 'value' => str_repeat('Long ', 40)]],
        ]);
        $run = $this->postJson(route('bench.place', $this->stall), ['listings' => $this->ids])
            ->assertOk()
            ->json('id');
        $this->getJson(route('source.run', [$this->stall, $run]))
            ->assertJsonPath('state', RunState::Done->value)
            ->assertJsonPath('done', 3)
            ->assertJsonPath('percent', 100);
        $this->getJson(route('bench.placed', [$this->stall, $run]))
            ->assertJsonPath('placed', 2)
            ->assertJsonCount(1, 'left')
            ->assertJsonPath('left.0.id', $this->ids[1])
            ->assertJsonPath('left.0.why', fn (string $why): bool => str_contains($why, '120 is the most'));
        self::assertSame(2, Listing::of($this->stall)->where('state', ListingState::InWindow)->count());
    }

    /** @return list<array{string, list<string>, string|null, string|null}> */
    private function state(): array
    {
        return array_values(
            Listing::query()
                ->whereKey($this->ids)
                ->orderBy('id')
                ->get()
                ->map(static fn (Listing $l): array => [$l->shown_title, $l->own_tags, $l->own_type, $l->own_notes])
                ->all(),
        );
    }
}
