<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Bench;

use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use PHPUnit\Framework\Attributes\TestWith;
use WindowStall\Bench\Jobs\EditManyListings;
use WindowStall\Bench\Listing;
use WindowStall\Bench\Patch\ListingPatch;
use WindowStall\Bench\Patch\PatchListings;
use WindowStall\Bench\Patch\PatchWords;
use WindowStall\Bench\Pictures\Picture;
use WindowStall\Bench\Undo\BenchChange;
use WindowStall\Core\Money\Money;
use WindowStall\Runs\RunState;
use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;

/** The one way a listing's own words are changed: whole or not at all, once worked out, and each as a step. */
final class PatchTest extends AppTestCase
{
    private Stall $stall;

    private Listing $listing;

    protected function setUp(): void
    {
        parent::setUp();
        $this->stall = $this->world->stall($this->signIn());
        $this->listing = $this->world->listing($this->stall);
    }

    public function test_a_form_of_many_fields_is_one_step_and_one_version(): void
    {
        $version = $this->listing->version;
        $this->form(['title' => 'Ash trowel', 'words' => '<p>Oiled.</p>', 'order' => ['type' => 'tool', 'tags' => 'a, b']])
            ->assertOk()
            ->assertJsonPath('version', $version + 1)
            ->assertJsonPath('last.words', 'Title, description, type and tags changed')
            ->assertJsonPath('last.who', $this->stall->users()->firstOrFail()->name);
        self::assertSame(1, $this->steps());
        $this->takeBack()->assertOk();
        $now = $this->listing->refresh();
        self::assertSame([null, null, null, []], [$now->own_title, $now->own_words, $now->own_type, $now->own_tags]);
    }

    public function test_a_word_that_says_what_stands_is_no_step(): void
    {
        $this->form(['title' => 'Ash trowel', 'order' => ['tags' => ['b', 'a']]]);
        $this->form(['title' => ' Ash  trowel ', 'order' => ['tags' => ['b', 'a']]])->assertOk();
        self::assertSame(1, $this->steps());
    }

    public function test_steps_that_touch_different_things_are_taken_back_in_any_order(): void
    {
        $this->form(['title' => 'Ash trowel']);
        $title = $this->lastStep();
        $this->form(['words' => '<p>Oiled.</p>']);
        $this->postJson(route('bench.undo', [$this->stall, $title]))->assertOk();
        $now = $this->listing->refresh();
        self::assertSame([null, '<p>Oiled.</p>'], [$now->own_title, $now->own_words]);
    }

    public function test_a_step_below_one_that_touched_the_same_waits_for_it(): void
    {
        $this->form(['title' => 'Ash trowel']);
        $first = $this->lastStep();
        $this->form(['title' => 'Oak trowel']);
        $this->postJson(route('bench.undo', [$this->stall, $first]))
            ->assertUnprocessable()
            ->assertJsonPath(
                'message',
                'Something was done to the same listings since (Title changed). Take that back first.',
            );
        $this->takeBack()->assertOk();
        self::assertSame('Ash trowel', $this->listing->refresh()->own_title);
        $this->postJson(route('bench.undo', [$this->stall, $first]))->assertOk();
        self::assertNull($this->listing->refresh()->own_title);
    }

    public function test_taking_back_words_leaves_what_the_program_and_others_did_since(): void
    {
        $this->form(['title' => 'Ash trowel']);
        $this->postJson(route('bench.window', $this->stall), ['listings' => [$this->listing->id]])->assertOk();
        $variant = $this->listing->variants()->firstOrFail();
        $this->world->say($this->listing, ListingPatch::none()->price([$variant->id], $this->stall->money(2100)));
        $this->postJson(route('bench.undo', [$this->stall, $this->lastStep() - 1]))->assertOk();
        self::assertSame('in_window', $this->listing->refresh()->state->value);
        self::assertSame(2100, $variant->refresh()->own_price_minor);
    }

    public function test_prices_of_variants_come_back_with_the_step_and_words_said_since_stay(): void
    {
        $variant = $this->listing->variants()->firstOrFail();
        $this->patchJson(route('bench.variants.update', [$this->stall, $this->listing]), [
            'variants' => [$variant->id],
            'price' => '21.00',
        ])->assertJsonPath('last.words', 'Prices by hand changed');
        $priced = $this->lastStep();
        $this->form(['title' => 'Ash trowel']);
        $this->postJson(route('bench.undo', [$this->stall, $priced]))->assertOk();
        self::assertNull($variant->refresh()->own_price_minor);
        self::assertSame('Ash trowel', $this->listing->refresh()->own_title);
    }

    public function test_of_many_listings_all_are_written_or_none(): void
    {
        $other = $this->another(2);
        $foreign = Picture::query()->where('listing_id', $this->listing->id)->value('id');
        $patches = [
            $this->listing->id => ListingPatch::none()->title('First'),
            $other->id => ListingPatch::none()->pictures([(int) $foreign]),
        ];
        $this->refused(fn () => $this->many($patches), 'One of these pictures doesn’t belong to this listing');
        self::assertNull($this->listing->refresh()->own_title);
        self::assertSame(0, $this->steps());
    }

    public function test_variants_of_another_listing_are_refused(): void
    {
        $theirs = $this->another(2)->variants()->firstOrFail();
        $this->patchJson(route('bench.variants.update', [$this->stall, $this->listing]), [
            'variants' => [$theirs->id],
            'on' => false,
        ])->assertUnprocessable();
        self::assertTrue($theirs->refresh()->own_on);
    }

    #[TestWith([1])]
    #[TestWith([4])]
    public function test_ten_times_the_variants_cost_as_many_statements(int $listings): void
    {
        $counted = 0;
        Event::listen(static function (QueryExecuted $query) use (&$counted): void {
            $counted++;
        });
        $ids = [$this->listing->id, ...array_map(fn (int $n): int => $this->another($n)->id, range(2, 1 + $listings))];
        $patches = static fn (int $price): array => array_map(
            static fn (int $id): ListingPatch => ListingPatch::none()
                ->title('Title '.$price)
                ->price(self::variants($id), Money::gbp($price)),
            array_combine($ids, $ids),
        );
        $first = $patches(2000);
        $counted = 0;
        $this->many([$ids[0] => $first[$ids[0]]]);
        $one = $counted;
        $all = $patches(2100);
        $counted = 0;
        $this->many($all);
        self::assertLessThanOrEqual($one + 1, $counted);
    }

    public function test_a_drafts_mark_goes_when_a_person_says_the_same_words(): void
    {
        $this->listing->update(['own_title' => 'Ash trowel', 'drafts' => ['title', 'alt']]);
        $this->form(['title' => 'Ash trowel'])->assertJsonPath('pending.drafts', ['alt']);
        $this->takeBack()->assertOk();
        self::assertEqualsCanonicalizing(['alt', 'title'], $this->listing->refresh()->drafts);
    }

    public function test_a_patch_says_what_it_changes(): void
    {
        $none = ListingPatch::none();
        self::assertSame('Title changed', PatchWords::of($none->title('x')));
        self::assertSame(
            'Title, pictures and recipes of variants changed',
            PatchWords::of($none->variantRecipe([1], null)->pictures([])->title('x')),
        );
    }

    public function test_of_two_patches_the_later_word_holds(): void
    {
        $patch = ListingPatch::none()
            ->title('first')
            ->switched([1, 2], false)
            ->and(ListingPatch::none()->title('second')->switched([2], true));
        self::assertSame(['own_title' => 'second'], $patch->own);
        self::assertSame([1 => ['own_on' => false], 2 => ['own_on' => true]], $patch->variants);
    }

    public function test_an_edit_of_many_runs_once_however_often_it_is_begun(): void
    {
        $said = ['way' => 'replace', 'listings' => [$this->listing->id], 'field' => 'type', 'find' => 'x', 'with' => 'xx'];
        $this->listing->update(['own_type' => 'x']);
        $run = EditManyListings::start($this->stall, $this->stall->users()->firstOrFail(), $said);
        // As a sweep begins it again whose worker broke off after the step was written.
        $run->update(['state' => RunState::Waiting, 'taken_up' => 1]);
        (new EditManyListings($run->id))->handle();
        self::assertSame([RunState::Done, 'xx'], [$run->refresh()->state, $this->listing->refresh()->own_type]);
        $this->getJson(route('bench.step', [$this->stall, $run->id]))
            ->assertOk()
            ->assertJsonPath('words', '“x” replaced in 1 listing')
            ->assertJsonPath('change', $this->lastStep());
    }

    public function test_what_is_refused_in_the_background_is_said_and_nothing_is_changed(): void
    {
        $said = [
            'way' => 'cells',
            'cells' => [
                ['listing' => $this->listing->id, 'field' => 'type', 'value' => 'tool'],
                ['listing' => $this->listing->id, 'field' => 'maker', 'value' => str_repeat('x', 81)],
            ],
        ];
        $run = EditManyListings::start($this->stall, null, $said);
        self::assertSame(RunState::Failed, $run->state);
        self::assertStringContainsString('longer than the 80 letters', (string) $run->trouble);
        self::assertNull($this->listing->refresh()->own_type);
        $this->getJson(route('bench.step', [$this->stall, $run->id]))->assertOk()->assertJsonPath('change', 0);
    }

    /** @param  array<int, ListingPatch>  $patches */
    private function many(array $patches): void
    {
        app(PatchListings::class)->many(
            $this->stall,
            null,
            array_keys($patches),
            static fn (): array => $patches,
            static fn (): string => 'changed',
        );
    }

    /** @return list<int> */
    private static function variants(int $listing): array
    {
        $ids = DB::table('listing_variants')->where('listing_id', $listing)->pluck('id');

        return array_values(array_map(intval(...), $ids->all()));
    }

    private function refused(callable $do, string $why): void
    {
        try {
            $do();
        } catch (Refusal $e) {
            self::assertStringContainsString($why, $e->getMessage());

            return;
        }
        self::fail('It wasn’t refused.');
    }

    /**
     * @param  array<string, mixed>  $own
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function form(array $own): \Illuminate\Testing\TestResponse
    {
        return $this->patchJson(route('bench.listing.update', [$this->stall, $this->listing]), $own);
    }

    /** @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function takeBack(): \Illuminate\Testing\TestResponse
    {
        return $this->postJson(route('bench.undo', [$this->stall, $this->lastStep()]));
    }

    private function another(int $n): Listing
    {
        return $this->world->listing($this->stall, Items::item([Items::variant('v'.$n)], 'Trowel '.$n, id: 'T-9'.$n));
    }

    /** @phpstan-impure */
    private function lastStep(): int
    {
        return (int) BenchChange::query()->where('stall_id', $this->stall->id)->whereNull('undone_at')->max('id');
    }

    /** @phpstan-impure */
    private function steps(): int
    {
        return BenchChange::query()->where('stall_id', $this->stall->id)->count();
    }
}
