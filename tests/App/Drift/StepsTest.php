<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Drift;

use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingVariant;
use WindowStall\Bench\MakeUp\DropOption;
use WindowStall\Bench\MakeUp\JoinListings;
use WindowStall\Bench\MakeUp\SplitListing;
use WindowStall\Bench\Undo\BenchChange;
use WindowStall\Bench\Undo\StepDone;
use WindowStall\Bench\Undo\Undo;
use WindowStall\Core\Drift\Standing;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Source\Variant;
use WindowStall\Drift\Deciding\Decide;
use WindowStall\Drift\DriftChange;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;

/** Steps that change what a listing is made of, between a supplier's changes: nothing that hangs on a variant is lost. */
final class StepsTest extends AppTestCase
{
    private Stall $stall;

    private Listing $listing;

    private ListingVariant $a;

    protected function setUp(): void
    {
        parent::setUp();
        $this->stall = $this->world->stall();
        $this->listing = $this->world->inWindow($this->stall);
        $this->a = $this->listing->variants()->where('external_id', 'a')->firstOrFail();
    }

    public function test_a_variant_that_came_off_is_named_by_its_orders_and_comes_back_with_what_shoppers_were_asked(): void
    {
        $this->world->order($this->stall, $this->a, 2, now());
        $asked = DB::table('price_history')->where('listing_variant_id', $this->a->id)->count();
        self::assertGreaterThan(0, $asked);
        $this->says(Items::variant('b', 620, 3, 'CPR-02'));
        $this->world->agree($this->stall);
        self::assertSame(['b'], $this->listing->variants()->pluck('external_id')->all());
        self::assertNull($this->a->priceIn('GB'), 'what isn’t sold has no price');
        self::assertSame($this->a->id, (int) DB::table('order_lines')->value('listing_variant_id'));

        app(Undo::class)->take($this->stall, BenchChange::query()->latest('id')->firstOrFail());
        self::assertSame(['a', 'b'], $this->listing->variants()->orderBy('position')->pluck('external_id')->all());
        self::assertSame($asked, DB::table('price_history')->where('listing_variant_id', $this->a->id)->count());
        self::assertSame($this->a->id, $this->asking('variant_gone')->listing_variant_id);
    }

    public function test_what_was_off_and_is_offered_again_is_the_variant_it_was(): void
    {
        $this->a->update(['own_price_minor' => 1_777]);
        $this->says(Items::variant('b', 620, 3, 'CPR-02'));
        $this->world->agree($this->stall);
        $this->says(Items::variant('a'), Items::variant('b', 620, 3, 'CPR-02'));
        $this->world->agree($this->stall);
        $back = $this->listing->variants()->where('external_id', 'a')->sole();
        self::assertSame([$this->a->id, 1_777], [$back->id, $back->own_price_minor]);
    }

    public function test_a_cost_that_moved_while_its_variant_was_gone_is_asked_about(): void
    {
        $price = $this->a->priceIn('GB')?->price_minor;
        $this->says(Items::variant('b', 620, 3, 'CPR-02'));
        $this->says(Items::variant('a', 1_080), Items::variant('b', 620, 3, 'CPR-02'));
        $change = $this->asking('cost');
        self::assertSame(['5.40 USD', '10.80 USD', 10_000], [$change->before, $change->after, $change->moved_bp]);
        self::assertSame($price, $this->a->refresh()->priceIn('GB')?->price_minor, 'the price stands until somebody says');
        self::assertSame(1, DriftChange::query()->where('standing', 'asks')->count(), 'it isn’t gone any more');
    }

    public function test_what_was_decided_and_is_taken_back_is_one_question_with_what_was_said_since(): void
    {
        $this->says(Items::variant('a', 864), Items::variant('b', 620, 3, 'CPR-02'));
        $stood = $this->a->priceIn('GB')?->price_minor;
        $step = app(Decide::class)($this->stall, null, [$this->asking('cost')->id], agree: true);
        $this->says(Items::variant('a', 1_200), Items::variant('b', 620, 3, 'CPR-02'));
        app(Undo::class)->take($this->stall, $step);
        $change = $this->asking('cost');
        self::assertSame(['5.40 USD', '12.00 USD', 12_222], [$change->before, $change->after, $change->moved_bp]);
        self::assertSame($stood, $this->a->refresh()->priceIn('GB')?->price_minor);
        self::assertGreaterThan($stood, $change->price_agreed, 'and its money is reckoned');

        // Taken back by its supplier meanwhile, it isn't asked again.
        $step = app(Decide::class)($this->stall, null, [$change->id], agree: true);
        $this->says(Items::variant('a'), Items::variant('b', 620, 3, 'CPR-02'));
        app(Undo::class)->take($this->stall, $step);
        self::assertSame(0, DriftChange::query()->where('standing', 'asks')->count());
        self::assertNull($this->a->refresh()->waiting_price_minor);
    }

    public function test_a_new_variant_that_differs_in_a_dropped_option_only_is_another_source(): void
    {
        $of = static fn (string $id, string $ships, int $cost): Variant => new Variant(
            $id, 'SKU-'.$id, null, ['Clr' => 'Moss', 'Ship' => $ships], Money::of($cost, 'USD'), null, 300, ['GB' => 9], 0,
        );
        [$gb, $cn, $us] = [$of('gb', 'GB', 600), $of('cn', 'CN', 500), $of('us', 'US', 700)];
        $listing = $this->world->listing($this->stall, Items::item([$gb, $cn], 'Sieve', id: 'T-2'));
        app(DropOption::class)($this->stall, $listing, 'Ship');
        $row = $listing->variants()->sole();
        $this->world->pull($this->stall, Items::item([$gb, $cn, $us], 'Sieve', id: 'T-2'));
        self::assertSame(['us'], DriftChange::query()->where('kind', 'variant_new')->pluck('variant')->all());
        $this->world->agree($this->stall);
        self::assertSame($row->id, $listing->variants()->sole()->id);
        $sources = $row->sources()->with('supplierVariant')->get()->pluck('supplierVariant.external_id')->all();
        self::assertSame(['cn', 'gb', 'us'], $sources);

        // Gone for a night and offered again, a source is no news.
        $this->world->pull($this->stall, Items::item([$cn, $us], 'Sieve', id: 'T-2'));
        $this->world->pull($this->stall, Items::item([$gb, $cn, $us], 'Sieve', id: 'T-2'));
        self::assertSame(0, DriftChange::query()->where('standing', 'asks')->count());
    }

    public function test_questions_go_with_variants_into_parts_and_into_joined_listings_and_back(): void
    {
        $this->says(Items::variant('a', 864), Items::variant('b', 930, 3, 'CPR-02'));
        $b = $this->listing->variants()->where('external_id', 'b')->firstOrFail();
        $groups = [['name' => 'One', 'variants' => [$this->a->id]], ['name' => 'Two', 'variants' => [$b->id]]];
        $parts = function () use ($groups): StepDone {
            $made = app(SplitListing::class)($this->stall, $this->listing, $groups);

            return new StepDone('split', $made, array_map(static fn (Listing $part): int => $part->id, $made));
        };
        [$split, $made] = app(Undo::class)->whileLocked($this->stall, null, [$this->listing->id], $parts);
        $where = fn (): array => DriftChange::query()->where('standing', Standing::Asks)->orderBy('variant')
            ->pluck('listing_id', 'variant')->all();
        self::assertSame(['a' => $this->listing->id, 'b' => $made[0]->id], $where());
        self::assertSame([1, 1], [$this->listing->refresh()->changes_count, $made[0]->refresh()->changes_count]);

        $both = Listing::of($this->stall)->orderBy('id')->get();
        $kinds = [$this->listing->id => 'One', $made[0]->id => 'Two'];
        $join = app(Undo::class)->whileLocked($this->stall, null, array_keys($kinds), fn (): StepDone => new StepDone(
            'joined',
            app(JoinListings::class)($this->stall, $both, 'Kind', $kinds),
        ))[0];
        self::assertSame(['a' => $this->listing->id, 'b' => $this->listing->id], $where());
        app(Undo::class)->take($this->stall, $join);
        self::assertSame(['a' => $this->listing->id, 'b' => $made[0]->id], $where());
        app(Undo::class)->take($this->stall, $split);
        self::assertSame(['a' => $this->listing->id, 'b' => $this->listing->id], $where());
        self::assertSame(2, $this->listing->refresh()->changes_count);
    }

    private function says(Variant ...$variants): void
    {
        $this->world->pull($this->stall, Items::item(array_values($variants)));
        $this->a->unsetRelations();
    }

    private function asking(string $kind): DriftChange
    {
        return DriftChange::query()->where('kind', $kind)->where('standing', Standing::Asks)->sole();
    }
}
