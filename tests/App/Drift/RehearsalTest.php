<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Drift;

use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Drift\DriftChange;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunState;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\Recipes;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;

/** Rules are tried on what suppliers changed lately, before they count; and what becomes of a price under its floor. */
final class RehearsalTest extends AppTestCase
{
    private Stall $stall;

    private Listing $listing;

    private int $supplier;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
        $this->stall = $this->world->stall();
        $this->listing = $this->world->inWindow($this->stall);
        $this->supplier = $this->world->connection($this->stall)->id;
    }

    public function test_a_band_is_tried_on_what_was_said_and_bought(): void
    {
        $this->daysAgo(40);
        $before = $this->price('a');
        $this->says(640);
        $this->daysAgo(20);
        $this->buy('a', 2, $before, days: 10);
        $tried = $this->try([['connection' => $this->supplier, 'band' => 25]]);
        self::assertStringStartsWith('You would have been asked 1 times less, and kept £', (string) $tried['sentence']);
        self::assertSame(['1', '1', '0'], $this->row($tried, 'Changes that asked you'));
        self::assertSame(['0', '0', '1'], $this->row($tried, 'Followed by themselves'));
        self::assertSame(['2', '2', '2'], $this->row($tried, 'Pieces sold'));
        [$happened, $now, $more] = $this->row($tried, 'Kept on them');
        self::assertSame($happened, $now, 'it asked, and the price stood');
        self::assertNotSame($now, $more, 'followed, the price would have moved');
        self::assertSame(
            [],
            $this->world->connection($this->stall)->refresh()->policies,
            'nothing counts by being tried',
        );
        self::assertSame($before, $this->price('a'));
        $this->putJson(route('drift.rules.update', $this->stall), [
            'edits' => [['connection' => $this->supplier, 'band' => 25]],
        ])
            ->assertOk()
            ->assertJsonPath('suppliers.0.band', '25');
    }

    public function test_guards_are_tried_on_pulls_that_were_weighed(): void
    {
        $weighed = ['goods' => 60, 'missing' => 9, 'met' => 51, 'variants' => 300, 'inStock' => 280, 'emptied' => 10];
        Run::query()->create([
            'stall_id' => $this->stall->id,
            'connection_id' => $this->supplier,
            'state' => RunState::Done,
            'subject' => ['weighed' => $weighed],
            'started_at' => now()->subDays(3),
            'ended_at' => now()->subDays(3),
        ]);
        $tried = $this->try([['connection' => $this->supplier, 'guard' => 'short', 'share' => 10]]);
        self::assertSame(['0', '0', '1'], $this->row($tried, 'Pulls set aside'));
        self::assertStringEndsWith('would be set aside. 9 of 60 goods are missing.', $tried['pulls'][0]);
    }

    public function test_rules_for_all_suppliers_count_where_none_has_its_own(): void
    {
        $edit = ['edits' => [['connection' => null, 'fact' => 'title', 'policy' => 'keep', 'floor' => 'pause']]];
        $this->putJson(route('drift.rules.update', $this->stall), $edit)
            ->assertOk()
            ->assertJsonPath('all.floor', 'pause')
            ->assertJsonPath('suppliers.0.facts.0.policy', 'keep');
        $own = ['edits' => [['connection' => $this->supplier, 'fact' => 'title', 'policy' => 'follow']]];
        $this->putJson(route('drift.rules.update', $this->stall), $own)
            ->assertOk()
            ->assertJsonPath('all.facts.0.policy', 'keep')
            ->assertJsonPath('suppliers.0.facts.0.policy', 'follow');
        $this->putJson(route('drift.rules.update', $this->stall), [
            'edits' => [['floor' => 'sink']],
        ])->assertUnprocessable();
        $this->getJson(route('drift.rehearsal', [$this->world->stall(), 1]))->assertNotFound();
    }

    public function test_a_price_under_its_floor_is_raised_paused_or_asked_about(): void
    {
        $this->recipe();
        $row = $this->listing->variants()->where('external_id', 'a')->firstOrFail();
        foreach (
            ['ask' => ['asks', 1_500], 'pause' => ['kept', 1_500], 'raise' => ['followed', null]] as $floor => [$standing, $own]
        ) {
            $this->putJson(route('drift.rules.update', $this->stall), ['edits' => [['floor' => $floor]]])->assertOk();
            $row->update(['own_price_minor' => 1_500]);
            $this->says(540);
            DriftChange::query()->delete();
            $this->says(1_900);
            $change = DriftChange::query()->where('kind', 'cost')->latest('id')->firstOrFail();
            self::assertSame(
                [$standing, $own],
                [$change->standing->value, $row->refresh()->own_price_minor],
                $floor.': '.$change->rule,
            );
            self::assertSame($floor !== 'raise', $change->under_floor);
            self::assertSame($floor === 'raise', $this->price('a') > 1_500, 'the recipe’s price, above the floor');
        }
    }

    /** Whatever is sold keeps at least 2.00. */
    private function recipe(): void
    {
        $this->stall
            ->recipes()
            ->firstOrFail()
            ->update([
                'recipe' => Recipes::check(
                    ['steps' => [['factor' => '2.4']], 'ending' => ['part' => '0.95'], 'floor' => ['keep' => '2.00']],
                    $this->stall->currencyValue(),
                ),
            ]);
        $this->stall->unsetRelations();
    }

    /**
     * @param  list<array<string, mixed>>  $edits
     * @return array<string, mixed>
     */
    private function try(array $edits): array
    {
        $begun = $this->postJson(route('drift.rehearse', $this->stall), ['edits' => $edits])
            ->assertOk()
            ->json('rehearsal.run');

        return (array) $this->getJson(route('drift.rehearsal', [$this->stall, $begun]))
            ->assertOk()
            ->assertJsonPath('open', false)
            ->json();
    }

    /**
     * @param  array<string, mixed>  $tried
     * @return list<string>
     */
    private function row(array $tried, string $words): array
    {
        foreach ((array) $tried['rows'] as $row) {
            if ($row['words'] === $words) {
                return [$row['happened'], $row['now'], $row['tried']];
            }
        }
        self::fail('No row says “'.$words.'”.');
    }

    private function says(int $cost): void
    {
        $this->world->pull(
            $this->stall,
            Items::item([Items::variant('a', $cost), Items::variant('b', 620, 3, 'CPR-02')]),
        );
    }

    /** What was said today was said so many days ago. */
    private function daysAgo(int $days): void
    {
        DB::table('supplier_words')
            ->where('said_at', '>=', now()->startOfDay())
            ->update(['said_at' => now()->subDays($days)]);
        DB::table('drift_changes')
            ->where('at', '>=', now()->startOfDay())
            ->update(['at' => now()->subDays($days)]);
    }

    private function buy(string $variant, int $pieces, int $price, int $days): void
    {
        $row = $this->listing->variants()->where('external_id', $variant)->firstOrFail();
        $this->world->order($this->stall, $row, $pieces, now()->subDays($days), $price);
    }

    private function price(string $variant): int
    {
        return (int) $this->listing
            ->variants()
            ->where('external_id', $variant)
            ->firstOrFail()
            ->priceIn('GB')?->price_minor;
    }
}
