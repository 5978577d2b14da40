<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Drift;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Random\Engine\Mt19937;
use Random\Randomizer;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ProjectListings;
use WindowStall\Core\Drift\Rehearsal\Outcome;
use WindowStall\Drift\DriftChange;
use WindowStall\Drift\Following\ReckonChanges;
use WindowStall\Drift\Rehearsal\Rehearse;
use WindowStall\Drift\Rules\RuleBook;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;

/** Costs that a supplier says by chance: whatever way they are judged, the same comes of them. */
final class ReckonedTest extends AppTestCase
{
    private const CODES = ['a', 'b', 'c', 'd', 'e', 'f'];

    private Stall $stall;

    private Randomizer $random;

    protected function setUp(): void
    {
        parent::setUp();
        $this->stall = $this->world->stall();
        $this->random = new Randomizer(new Mt19937(11));
    }

    public function test_in_bulk_or_one_by_one_changes_come_to_the_same_figures(): void
    {
        $this->says(1_000);
        $listing = $this->world->inWindow($this->stall, Items::item($this->variants(1_000)));
        $this->stall->update(['drift_policies' => ['band' => 9_000]]);
        for ($night = 1; $night <= 4; $night++) {
            $this->says(null);
            $bulk = $this->reckoned($listing, inBulk: true);
            self::assertNotSame([], array_filter($bulk, static fn (array $row): bool => $row['standing'] === 'followed'));
            self::assertSame($bulk, $this->reckoned($listing, inBulk: false), "night $night");
        }
    }

    public function test_the_rehearsal_of_the_rules_as_they_are_says_what_happened(): void
    {
        Carbon::setTestNow(Carbon::now()->subDays(40));
        $this->world->inWindow($this->stall, Items::item($this->variants(1_000)));
        for ($night = 1; $night <= 8; $night++) {
            Carbon::setTestNow(Carbon::now()->addDays($night === 1 ? 20 : 2));
            $this->says(null);
        }
        $book = RuleBook::of($this->stall->refresh());
        $rehearsed = app(Rehearse::class)($this->stall, $book, $book, static fn () => null);
        $counts = static fn (Outcome $of): array => [$of->asked, $of->followed, $of->kept];
        self::assertSame($counts($rehearsed->happened), $counts($rehearsed->now));
        self::assertGreaterThan(10, array_sum($counts($rehearsed->now)));
    }

    private function says(?int $cost): void
    {
        $this->world->pull($this->stall, Items::item($this->variants($cost)));
    }

    /** @return list<\WindowStall\Core\Source\Variant> */
    private function variants(?int $cost): array
    {
        return array_map(
            fn (string $code) => Items::variant($code, $cost ?? $this->random->getInt(900, 1_300), 12, 'C-'.$code),
            self::CODES,
        );
    }

    /** @return list<array<string, mixed>> all changes, reckoned anew */
    private function reckoned(Listing $listing, bool $inBulk): array
    {
        DB::table('drift_changes')->where('listing_id', $listing->id)->update(['price_agreed' => null]);
        (new ReckonChanges(app(ProjectListings::class), $inBulk))($this->stall);
        $columns = ['id', 'rule', 'price_kept', 'keep_kept', 'price_agreed', 'keep_agreed', 'under_floor', 'raised'];

        return array_values(DriftChange::query()->where('listing_id', $listing->id)->orderBy('id')->get()
            ->map(static fn (DriftChange $row): array => ['standing' => $row->standing->value] + $row->only($columns))
            ->all());
    }
}
