<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Bench;

use WindowStall\Bench\Listing;
use WindowStall\Bench\Patch\EditMany;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;

/** Who saves over words they never saw is told; nothing is saved half. */
final class VersionTest extends AppTestCase
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

    public function test_the_second_of_two_who_saw_the_same_is_told_and_nothing_of_theirs_is_saved(): void
    {
        $seen = $this->seen();
        $this->say(['title' => 'Hers', 'version' => $seen])
            ->assertOk()
            ->assertJsonPath('version', $seen + 1);
        $this->say(['title' => 'His', 'version' => $seen])
            ->assertConflict()
            ->assertJsonPath('stale', true);
        self::assertSame('Hers', $this->listing->refresh()->own_title);
        $this->say(['title' => 'His', 'version' => $seen + 1])->assertOk();
        self::assertSame('His', $this->listing->refresh()->own_title);
    }

    public function test_every_way_of_saying_something_counts(): void
    {
        $variant = $this->listing->variants()->firstOrFail();
        $ways = [
            fn () => $this->patchJson(route('bench.variants.update', [$this->stall, $this->listing]), [
                'variants' => [$variant->id],
                'price' => '12.00',
                'version' => $this->seen(),
            ]),
            fn () => $this->postJson(route('bench.tags', $this->stall), [
                'listings' => [$this->listing->id],
                'add' => ['x'],
                'remove' => [],
            ]),
            fn () => $this->postJson(route('bench.cells', $this->stall), [
                'cells' => [['listing' => $this->listing->id, 'field' => 'type', 'value' => 'tool']],
            ]),
            fn () => $this->postJson(
                route('bench.undo', [
                    $this->stall,
                    $this->stall->hasMany(\WindowStall\Bench\Undo\BenchChange::class)->max('id'),
                ]),
            ),
        ];
        foreach ($ways as $n => $way) {
            $before = $this->seen();
            $way()->assertOk();
            self::assertGreaterThan($before, $this->seen(), (string) $n);
        }
        $this->patchJson(route('bench.variants.update', [$this->stall, $this->listing]), [
            'variants' => [$variant->id],
            'price' => '13.00',
            'version' => 1,
        ])->assertConflict();
        self::assertSame(1200, $variant->refresh()->own_price_minor);
    }

    public function test_what_the_program_works_out_itself_is_no_change_of_the_sellers_words(): void
    {
        $seen = $this->seen();
        app(\WindowStall\Bench\ProjectListings::class)($this->stall);
        self::assertSame($seen, $this->seen());
    }

    public function test_a_form_is_saved_whole_or_not_at_all(): void
    {
        $this->say(['title' => 'New', 'order' => ['type' => str_repeat('x', 61)]])->assertUnprocessable();
        self::assertNull($this->listing->refresh()->own_title);
        $variants = $this->listing->variants()->pluck('id')->all();
        $this->patchJson(route('bench.variants.update', [$this->stall, $this->listing]), [
            'variants' => $variants,
            'on' => false,
            'price' => 'dear',
        ])->assertUnprocessable();
        self::assertSame(2, $this->listing->variants()->where('own_on', true)->count());
    }

    public function test_tags_are_worked_out_from_what_stands_when_it_is_ones_turn(): void
    {
        $edit = app(EditMany::class);
        // Whoever came before has just written, while this one had the listing read already.
        $stale = $this->listing->refresh();
        $edit->tags($this->stall, null, [$stale->id], ['first'], []);
        $edit->tags($this->stall, null, [$stale->id], ['second'], []);
        self::assertSame(['first', 'second'], $this->listing->refresh()->own_tags);
    }

    /**
     * @param  array<string, mixed>  $own
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function say(array $own): \Illuminate\Testing\TestResponse
    {
        return $this->patchJson(route('bench.listing.update', [$this->stall, $this->listing]), $own);
    }

    /** @phpstan-impure */
    private function seen(): int
    {
        return (int) $this->getJson(route('bench.listing.view', [$this->stall, $this->listing]))->json('version');
    }
}
