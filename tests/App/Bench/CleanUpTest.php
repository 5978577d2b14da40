<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Bench;

use WindowStall\Bench\Jobs\CleanUpListings;
use WindowStall\Bench\Listing;
use WindowStall\Bench\Patch\ListingPatch;
use WindowStall\Bench\Pictures\Picture;
use WindowStall\Bench\Undo\BenchChange;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Source\Variant;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunState;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;

/** Many listings cleared of what a supplier left in them: as a run, and as one step. */
final class CleanUpTest extends AppTestCase
{
    private const WORDS = '<p>Dear friend welcome our store!! A trowel of steel.</p><p>Wholesale welcome</p><ul><li>5 STARS feedback</li></ul>';

    private Stall $stall;

    private Listing $one;

    private Listing $two;

    private Listing $mine;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
        $this->stall = $this->world->stall();
        $item = static fn (string $id): \WindowStall\Core\Source\Item => Items::item(
            [self::posted($id.'-1', 'GRN-05', 'GB'), self::posted($id.'-2', 'GRN-05', 'CN'), self::posted($id.'-3', 'QXZ-09', 'GB')],
            'Garden Hand Trowel Steel NEW HOT SALE 2026',
            self::WORDS,
            $id,
        );
        [$this->one, $this->two, $this->mine] = [
            $this->world->listing($this->stall, $item('T-1')),
            $this->world->listing($this->stall, $item('T-2')),
            $this->world->listing($this->stall, $item('T-3')),
        ];
        $this->world->say($this->mine, ListingPatch::none()->title('My own trowel')->words('<p>Mine.</p>'));
    }

    public function test_sentences_codes_and_places_go_from_all_at_once_and_come_back_as_one_step(): void
    {
        $before = $this->state($this->one);
        $run = $this->clean([$this->one, $this->two, $this->mine], ['sentences', 'codes', 'places']);
        self::assertSame(RunState::Done, $run->state, (string) $run->trouble);
        foreach ([$this->one, $this->two] as $listing) {
            $listing->refresh();
            self::assertSame('<p>A trowel of steel.</p>', $listing->own_words);
            self::assertSame(['Ships from'], $listing->own_dropped);
            self::assertSame('Colour', $listing->own_names['Clr']['as'] ?? '');
            self::assertSame(['GRN-05' => 'Green'], $listing->own_names['Clr']['values'] ?? [], 'what isn’t known isn’t guessed');
            self::assertSame(2, $listing->variants()->count(), 'twins are one');
        }
        self::assertSame('<p>Mine.</p>', $this->mine->refresh()->own_words);
        $step = BenchChange::query()->findOrFail((int) $run->subject['change']);
        self::assertSame('3 listings cleaned up', $step->words);
        $this->postJson(route('bench.undo', [$this->stall, $step]))->assertOk();
        self::assertSame($before, $this->state($this->one->refresh()));
    }

    public function test_drafts_are_written_where_nothing_was_said_and_run_again_nothing_is_done_twice(): void
    {
        $run = $this->clean([$this->one, $this->mine], ['drafts']);
        self::assertSame('Steel hand trowel', $this->one->refresh()->own_title);
        self::assertContains('title', $this->one->drafts);
        self::assertSame(['My own trowel', '<p>Mine.</p>'], [$this->mine->refresh()->own_title, $this->mine->own_words]);
        $steps = BenchChange::query()->where('stall_id', $this->stall->id)->count();
        app()->call([new CleanUpListings($run->id), 'handle']);
        self::assertSame($steps, BenchChange::query()->where('stall_id', $this->stall->id)->count());
    }

    public function test_where_nothing_is_to_be_cleaned_there_is_no_step_and_failed_pictures_are_asked_for(): void
    {
        Picture::query()->where('listing_id', $this->mine->id)->update(['state' => Picture::FAILED, 'source' => 'http://oakum.standins.localhost/x.png']);
        $run = $this->clean([$this->mine], ['sentences', 'pictures']);
        self::assertSame(0, $run->subject['change']);
        self::assertNotSame(Picture::FAILED, Picture::query()->where('listing_id', $this->mine->id)->value('trouble'));
        $this->getJson(route('bench.step', [$this->stall, $run]))->assertJsonPath('words', 'It stands so already');
        $this->postJson(route('bench.clean', $this->stall), ['listings' => [$this->mine->id], 'ways' => ['all']])
            ->assertUnprocessable();
    }

    /**
     * @param  list<Listing>  $listings
     * @param  list<string>  $ways
     */
    private function clean(array $listings, array $ways): Run
    {
        $run = $this->postJson(route('bench.clean', $this->stall), [
            'listings' => array_map(static fn (Listing $l): int => $l->id, $listings),
            'ways' => $ways,
        ])->assertOk();

        return Run::query()->whereKey($run->json('id'))->firstOrFail();
    }

    /** @return array<string, mixed> */
    private function state(Listing $listing): array
    {
        return [
            'own' => $listing->only(['own_words', 'own_title', 'own_names', 'own_dropped', 'drafts']),
            'variants' => $listing->variants()->orderBy('external_id')->pluck('external_id')->all(),
        ];
    }

    private static function posted(string $id, string $colour, string $place): Variant
    {
        return new Variant(
            $id,
            'SKU-'.$id,
            null,
            ['Clr' => $colour, 'Ships from' => $place],
            Money::of(540, 'USD'),
            null,
            300,
            ['GB' => 12],
            0,
        );
    }
}
