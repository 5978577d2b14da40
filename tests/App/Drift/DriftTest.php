<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Drift;

use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Facades\Mail;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\ListingState;
use WindowStall\Bench\ListingVariant;
use WindowStall\Bench\Patch\ListingPatch;
use WindowStall\Bench\Undo\BenchChange;
use WindowStall\Core\Drift\Standing;
use WindowStall\Drift\Digest\DigestMail;
use WindowStall\Drift\Digest\SendDigests;
use WindowStall\Drift\DriftChange;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunState;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\App\Support\Described;
use WindowStall\Tests\Core\Source\Items;

/** What becomes of a supplier's changes: followed by rules, waiting for a person, decided in one step, taken back. */
final class DriftTest extends AppTestCase
{
    use Described;

    private Stall $stall;

    private Listing $listing;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
        $this->stall = $this->world->stall();
        $this->listing = $this->world->inWindow($this->stall);
    }

    public function test_a_cost_within_the_band_is_followed_and_the_price_moves_by_its_recipe(): void
    {
        $before = $this->price('a');
        $this->says(costs: ['a' => 600]);
        $change = $this->change('cost');
        self::assertSame(
            [Standing::Followed, 'within 15% (as it begins)', 1111],
            [$change->standing, $change->rule, $change->moved_bp],
        );
        self::assertSame([$before, $this->price('a')], [$change->price_was, $change->price_agreed]);
        self::assertGreaterThan($before, $this->price('a'));
        self::assertSame(0, $this->listing->refresh()->changes_count, 'nobody is asked');
    }

    public function test_what_a_person_decides_while_money_is_reckoned_stands(): void
    {
        $once = false;
        Event::listen(function (QueryExecuted $query) use (&$once): void {
            if (! $once && str_starts_with($query->sql, 'WITH open AS')) {
                $once = true;
                DB::table('drift_changes')->where('listing_id', $this->listing->id)->update(['standing' => 'kept']);
            }
        });
        $this->says(costs: ['a' => 550]);
        self::assertTrue($once, 'it was decided between reading and writing');
        self::assertSame(Standing::Kept, $this->change('cost')->standing);
    }

    public function test_a_jump_asks_and_the_price_stays_until_it_is_agreed_to(): void
    {
        $before = $this->price('a');
        $this->says(costs: ['a' => 864]);
        $change = $this->change('cost');
        self::assertSame(
            [Standing::Asks, 'it moved by more than 15% (as it begins)', 6000],
            [$change->standing, $change->rule, $change->moved_bp],
        );
        self::assertSame([$before, $before], [$this->price('a'), $change->price_kept], 'the price stands');
        self::assertLessThan($change->keep_was, $change->keep_kept, 'and keeps less, which is said');
        self::assertSame(1, $this->listing->refresh()->changes_count);
        $this->get(route('drift', $this->stall))
            ->assertOk()
            ->assertInertia(
                fn ($page) => $page
                    ->where('desk.groups.0.headline', 'Oakum Depot raised a cost by 60%')
                    ->where('lines.0.before', '5.40 USD')
                    ->where('lines.0.after', '8.64 USD')
                    ->where('lines.0.price', fn (string $p): bool => str_starts_with($p, '£15.95 → £')),
            );
        $this->decide(agree: true)->assertSessionHas('say', 'Agreed to 1 change of a supplier.');
        self::assertSame($change->price_agreed, $this->price('a'));
        $this->takeBack();
        self::assertSame(
            [$before, 1],
            [$this->price('a'), $this->listing->refresh()->changes_count],
            'agree, then undo, is as before',
        );
        $this->decide(agree: false);
        self::assertSame($before, $this->row('a')->own_price_minor, 'kept, it is the seller’s own word');
        $this->says(costs: ['a' => 900]);
        self::assertSame($before, $this->price('a'), 'which no pull ever changes');
    }

    public function test_a_small_cost_that_makes_the_price_leap_asks_after_all(): void
    {
        $before = $this->price('a');
        // As if another recipe had made the price of the day before.
        $this->says(costs: ['a' => 590]);
        DB::table('prices')
            ->where('listing_variant_id', $this->row('a')->id)
            ->update(['price_minor' => 700]);
        $this->says(costs: ['a' => 610]);
        $change = $this->change('cost');
        self::assertSame(Standing::Asks, $change->standing);
        self::assertStringStartsWith('the price would leap by ', $change->rule);
        self::assertSame([700, 700, true], [$this->price('a'), $change->price_kept, $change->price_agreed > $before]);
        $this->decide(agree: true);
        self::assertSame($change->price_agreed, $this->price('a'));
    }

    public function test_a_price_by_hand_stands_and_only_asks_under_its_floor(): void
    {
        $this->world->say(
            $this->listing,
            ListingPatch::none()->price([$this->row('a')->id], $this->stall->money(2500)),
        );
        $this->says(costs: ['a' => 864]);
        self::assertSame(
            [Standing::Kept, 'your price is held'],
            [$this->change('cost')->standing, $this->change('cost')->rule],
        );
        $this->says(costs: ['a' => 2600]);
        $asks = $this->change('cost');
        self::assertSame([Standing::Asks, true], [$asks->standing, $asks->under_floor]);
        self::assertFalse(
            ListingFigures::of($this->stall, $this->listing->refresh())->variants[0]->buyable(),
            'and isn’t sold meanwhile',
        );
        $this->decide(agree: false);
        self::assertTrue(
            ListingFigures::of($this->stall, $this->listing->refresh())->variants[0]->buyable(),
            'kept knowingly',
        );
        self::assertSame(2500, $this->price('a'));
    }

    public function test_rewritten_words_wait_and_what_was_agreed_is_shown(): void
    {
        $this->says(title: 'Garden Trowel HOT SALE', words: '<p>Best best</p>');
        self::assertSame('Garden Trowel NEW', $this->listing->refresh()->shown_title);
        $this->get($this->stall->shopAddress('/goods/'.$this->listing->slug))
            ->assertSee('Garden Trowel NEW')
            ->assertDontSee('HOT SALE')
            ->assertDontSee('Best best');
        $this->get(route('drift', $this->stall))->assertInertia(
            fn ($page) => $page->where('desk.groups.0.headline', 'Oakum Depot rewrote a title and a description'),
        );
        // It is taken back by the supplier before anybody says.
        $this->says(words: '<p>Best best</p>');
        self::assertSame(
            [Standing::Settled, Standing::Asks],
            [$this->change('title')->standing, $this->change('words')->standing],
        );
        self::assertSame(['words' => '<p>Dear friend</p>'], $this->listing->refresh()->waiting);
        $this->decide(agree: true);
        $this->get($this->stall->shopAddress('/goods/'.$this->listing->slug))->assertSee('Best best');
        self::assertSame([], $this->listing->refresh()->waiting);
    }

    public function test_keeping_mine_holds_what_was_agreed_and_from_now_on_nobody_asks(): void
    {
        $this->says(title: 'Garden Trowel HOT SALE');
        $this->decide(agree: false, for: 'supplier');
        self::assertSame(
            ['Garden Trowel NEW', 'Garden Trowel NEW'],
            [$this->listing->refresh()->own_title, $this->listing->shown_title],
        );
        self::assertSame(['title' => 'keep'], $this->world->connection($this->stall)->refresh()->policies);
        $this->takeBack();
        self::assertSame(
            [null, []],
            [$this->listing->refresh()->own_title, $this->world->connection($this->stall)->refresh()->policies],
        );
        $this->decide(agree: true, for: 'listing');
        $this->says(title: 'Garden Trowel BEST');
        self::assertSame(
            [Standing::Followed, 'titles: follow (for this listing)'],
            [$this->change('title')->standing, $this->change('title')->rule],
        );
        self::assertSame('Garden Trowel BEST', $this->listing->refresh()->shown_title);
        // What was followed by itself can be set back.
        $this->post(route('drift.set-back', $this->stall), [
            'changes' => [$this->change('title')->id],
        ])->assertSessionHas('say', 'Set back 1 change of a supplier.');
        self::assertSame('Garden Trowel HOT SALE', $this->listing->refresh()->own_title);
    }

    public function test_a_new_variant_waits_and_a_gone_one_cant_be_bought(): void
    {
        $this->world->pull($this->stall, Items::item([Items::variant('a'), Items::variant('c', 580, 9, 'BLK-03')]));
        self::assertSame(['a' => true, 'b' => false], $this->buyable());
        $this->decide(agree: true);
        self::assertSame(['a' => true, 'c' => true], $this->buyable());
        $this->takeBack();
        self::assertSame(['a' => true, 'b' => false], $this->buyable());
        // It comes back by itself: there is nothing to decide any more.
        $this->world->pull($this->stall, Items::item([Items::variant('a'), Items::variant('b', 620, 3, 'CPR-02')]));
        self::assertSame([['a' => true, 'b' => true], 0], [$this->buyable(), $this->listing->refresh()->changes_count]);
    }

    public function test_where_rules_let_them_variants_come_and_go_by_themselves(): void
    {
        $this->stall->update(['drift_policies' => ['new' => 'follow', 'gone' => 'follow', 'availability' => 'follow']]);
        $this->world->pull($this->stall, Items::item([Items::variant('a'), Items::variant('c', 580, 9, 'BLK-03')]));
        self::assertSame([['a' => true, 'c' => true], 0], [$this->buyable(), $this->listing->refresh()->changes_count]);
        self::assertSame('new variants: follow (for the stall)', $this->change('variant_new')->rule);
        DB::table('supplier_items')->update(['gone_at' => now()]);
        event(new \WindowStall\Source\Events\SupplierSaidMore($this->world->connection($this->stall)));
        self::assertSame(ListingState::PutBy, $this->listing->refresh()->state);
    }

    public function test_an_item_that_is_gone_asks_is_put_by_and_comes_back(): void
    {
        DB::table('supplier_items')->update(['gone_at' => now()]);
        event(new \WindowStall\Source\Events\SupplierSaidMore($this->world->connection($this->stall)));
        self::assertSame(
            [1, ListingState::InWindow],
            [$this->listing->refresh()->changes_count, $this->listing->state],
        );
        $this->decide(agree: true);
        self::assertSame(ListingState::PutBy, $this->listing->refresh()->state);
        self::assertNotNull($this->listing->slug, 'its address is kept');
        $this->says();
        $this->get(route('drift', $this->stall))->assertInertia(
            fn ($page) => $page->where('desk.groups.0.headline', 'Oakum Depot offers an item of yours again'),
        );
        $this->decide(agree: true);
        self::assertSame(ListingState::OnBench, $this->listing->refresh()->state);
    }

    public function test_the_same_word_judged_twice_is_judged_once(): void
    {
        $this->says(title: 'Other', costs: ['a' => 864]);
        $once = DriftChange::query()
            ->orderBy('id')
            ->get(['id', 'kind', 'standing', 'price_was', 'price_agreed', 'keep_agreed'])
            ->toArray();
        event(new \WindowStall\Source\Events\SupplierSaidMore($this->world->connection($this->stall)));
        $this->says(title: 'Other', costs: ['a' => 864]);
        self::assertSame(
            $once,
            DriftChange::query()
                ->orderBy('id')
                ->get(['id', 'kind', 'standing', 'price_was', 'price_agreed', 'keep_agreed'])
                ->toArray(),
        );
    }

    public function test_the_order_of_independent_changes_doesnt_matter(): void
    {
        $ways = [
            [['title' => 'Other'], ['title' => 'Other', 'costs' => ['a' => 864]]],
            [['costs' => ['a' => 864]], ['title' => 'Other', 'costs' => ['a' => 864]]],
        ];
        foreach ($ways as $steps) {
            $this->listing->refresh();
            foreach ($steps as $step) {
                $this->says(...$step);
            }
            $ends[] = [
                DriftChange::query()
                    ->where('standing', 'asks')
                    ->orderBy('kind')
                    ->get(['kind', 'before', 'after', 'price_was', 'price_agreed'])
                    ->toArray(),
                $this->listing->refresh()->waiting,
                $this->price('a'),
                $this->listing->shown_title,
            ];
            $this->says();
            self::assertSame(0, $this->listing->refresh()->changes_count, 'all of it was taken back');
        }
        self::assertSame($ends[0], $ends[1]);
    }

    public function test_two_deciding_at_once_decide_once_and_strangers_decide_nothing(): void
    {
        $this->says(title: 'Other');
        $this->decide(agree: true);
        $this->decide(agree: true)->assertSessionHasErrors();
        $other = $this->world->stall();
        $id = $this->change('title')->id;
        $this->post(route('drift.decide', $other), [
            'changes' => [$id],
            'agree' => false,
            'for' => 'once',
        ])->assertSessionHasErrors();
        self::assertSame(Standing::Agreed, $this->change('title')->standing);
    }

    public function test_the_timeline_tells_who_said_what_and_at_what_price_it_was_seen(): void
    {
        $this->says(title: 'Other', costs: ['a' => 600]);
        $this->decide(agree: true);
        $moments = $this->getJson(route('drift.history', [$this->stall, $this->listing]))->assertOk()->json('moments');
        self::assertIsArray($moments);
        $of = static fn (string $voice): array => array_values(
            array_filter($moments, static fn (array $m): bool => $m['voice'] === $voice),
        );
        self::assertSame(
            ['Garden Trowel NEW', 'Other', 'you agreed'],
            [$of('supplier')[1]['before'], $of('supplier')[1]['after'], $of('supplier')[1]['came']],
        );
        self::assertStringStartsWith('agreed to 1 change', $of('you')[0]['about']);
        self::assertNotSame([], $of('shopper'), 'what shoppers were asked');
        $this->postJson(route('drift.set-back', $this->stall), [
            'changes' => [$of('supplier')[1]['settable']],
        ])->assertOk();
        self::assertSame('Garden Trowel NEW', $this->listing->refresh()->own_title);
        $this->getJson(route('drift.history', [$this->world->stall(), $this->listing]))->assertNotFound();
    }

    public function test_pieces_are_kept_back_by_supplier_and_by_listing(): void
    {
        $connection = $this->world->connection($this->stall);
        $left = fn (): array => array_map(
            static fn ($v): int => $v->available,
            ListingFigures::of($this->stall, $this->listing->refresh()->unsetRelations())->variants,
        );
        self::assertSame([12, 3], $left());
        $this->putJson(route('drift.rules.update', $this->stall), [
            'edits' => [['connection' => $connection->id, 'keptBack' => 2]],
        ])
            ->assertOk()
            ->assertJsonPath('suppliers.0.keptBack', 2);
        self::assertSame([10, 1], $left());
        $this->putJson(route('drift.listing-rules', [$this->stall, $this->listing]), ['keptBack' => 5])
            ->assertOk()
            ->assertJsonPath('rules.keptBack', 5);
        self::assertSame([7, 0], $left(), 'a listing’s own counts');
        $this->says(title: 'Other');
        self::assertSame([7, 0], $left(), 'and goes on counting');
        $this->putJson(route('drift.listing-rules', [$this->stall, $this->listing]), ['keptBack' => null])->assertOk();
        self::assertSame([10, 1], $left());
        $this->putJson(route('drift.listing-rules', [$this->stall, $this->listing]), [
            'fact' => 'title',
            'policy' => 'follow',
        ])
            ->assertOk()
            ->assertJsonPath('rules.facts.0.policy', 'follow');
        $this->says(title: 'Another');
        self::assertSame('Another', $this->listing->refresh()->shown_title);
        $this->putJson(route('drift.listing-rules', [$this->stall, $this->listing]), [
            'fact' => 'title',
            'policy' => null,
        ])
            ->assertOk()
            ->assertJsonPath('rules.facts.0.policy', '');
        foreach (
            [['keptBack' => -1], ['fact' => 'x', 'policy' => 'ask'], ['fact' => 'title', 'policy' => 'maybe']] as $nonsense
        ) {
            $this->putJson(
                route('drift.listing-rules', [$this->stall, $this->listing]),
                $nonsense,
            )->assertUnprocessable();
        }
        $this->putJson(route('drift.listing-rules', [$this->world->stall(), $this->listing]), [
            'keptBack' => 1,
        ])->assertNotFound();
    }

    public function test_the_digest_goes_out_once_at_its_hour_and_only_with_something_to_say(): void
    {
        Mail::fake();
        $this->putJson(route('drift.digest', $this->stall), ['hour' => 24])->assertUnprocessable();
        $this->putJson(route('drift.digest', $this->stall), ['hour' => 7])
            ->assertOk()
            ->assertJsonPath('digestHour', 7)
            ->assertJsonPath('digestZone', 'UTC');
        $at = function (string $time): void {
            $this->travelTo(Carbon::parse($time));
            app()->call([new SendDigests(), 'handle']);
        };
        $at('2026-12-01 07:05');
        Mail::assertNothingQueued();
        $this->says(title: 'Other', costs: ['a' => 864]);
        $at('2026-12-01 08:00');
        Mail::assertNothingQueued();
        $at('2026-12-02 06:55');
        Mail::assertNothingQueued();
        $at('2026-12-02 07:00');
        $at('2026-12-02 09:00');
        Mail::assertQueuedCount(1);
        Mail::assertQueued(DigestMail::class, function (DigestMail $mail): bool {
            $text = $mail->render();

            return str_contains($text, 'Oakum Depot raised a cost by 60%') &&
                str_contains($text, 'Oakum Depot rewrote a title') &&
                str_contains($text, route('drift', $this->stall));
        });
        // By the seller's own clock: 07:00 in Lisbon is 06:00 UTC in summer, and 07:00 in winter.
        $this->stall->update(['zone' => 'Europe/Lisbon']);
        $this->putJson(route('drift.digest', $this->stall), ['hour' => 7])->assertOk();
        $at('2027-07-01 05:59');
        Mail::assertQueuedCount(1);
        $at('2027-07-01 06:00');
        Mail::assertQueuedCount(2);
        $at('2027-12-01 06:59');
        Mail::assertQueuedCount(2);
        $at('2027-12-01 07:00');
        Mail::assertQueuedCount(3);
    }

    public function test_news_of_one_item_brings_it_in_step_whatever_order_it_comes_in(): void
    {
        $connection = $this->world->connection($this->stall);
        Http::fake([
            '*/v1/items/OD-1001' => Http::sequence()
                ->push($this->said(600))
                ->push($this->said(600))
                ->push($this->said(864)),
            '*/v1/quotes' => Http::response(['quotes' => []]),
        ]);
        $this->world->pull($this->stall, Items::item([Items::variant('a')], id: 'OD-1001'));
        $news = function (string $event, array $headers = []) use ($connection): \Illuminate\Testing\TestResponse {
            [$time, $body] = [
                (string) time(),
                (string) json_encode(['event' => $event, 'kind' => 'item.changed', 'item' => 'OD-1001']),
            ];
            $headers += [
                'Oakum-Time' => $time,
                'Oakum-Signature' => hash_hmac('sha256', $time.'.'.$body, $connection->secrets['hook']),
            ];

            return $this->call(
                'POST',
                route('hooks.supplier', $connection->public_id),
                server: $this->transformHeadersToServerVars($headers + ['Content-Type' => 'application/json']),
                content: $body,
            );
        };
        $cost = fn (): int => (int) DB::table('supplier_variants as v')
            ->join('supplier_items as i', 'i.id', '=', 'v.supplier_item_id')
            ->where('i.external_id', 'OD-1001')
            ->value('v.cost_minor');
        $news('e1')->assertOk();
        self::assertSame(600, $cost());
        $news('e1')->assertOk();
        Http::assertSentCount(1);
        $news('e2')->assertOk();
        $news('e3')->assertOk();
        self::assertSame(864, $cost(), 'what counts is what is answered now');
        $news('e4', ['Oakum-Signature' => 'forged'])->assertForbidden();
        self::assertSame(864, $cost());
    }

    /** @return array<string, mixed> an item as Oakum Depot says it */
    private function said(int $cost): array
    {
        return [
            'code' => 'OD-1001',
            'title' => 'Garden Trowel NEW',
            'description' => '<p>Dear friend</p>',
            'category' => 'Hand tools',
            'pictures' => ['http://oakum.standins.localhost/p.png'],
            'currency' => 'USD',
            'processing_days' => [1, 2],
            'rating' => 4.6,
            'variants' => [
                [
                    'id' => 'a',
                    'sku' => 'SKU-a',
                    'barcode' => null,
                    'options' => ['Clr' => 'STL-01'],
                    'cost' => $cost,
                    'rrp' => null,
                    'grams' => 300,
                    'stock' => ['GB' => 12],
                    'picture' => 0,
                ],
            ],
        ];
    }

    public function test_programs_read_what_waits_and_a_listings_history(): void
    {
        $this->says(title: 'Other', costs: ['a' => 864]);
        Artisan::call('stall:token', ['handle' => $this->stall->handle]);
        $token = trim(Artisan::output());
        $ask = fn (string $path) => $this->withToken($token)->getJson(
            'http://'.config('stall.workshop_host').'/api/v1'.$path,
        );
        $waiting = $ask('/drift');
        self::assertDescribed($waiting, 'get', '/drift');
        $waiting
            ->assertOk()
            ->assertJsonCount(2, 'data')
            ->assertJsonPath('data.1.kind', 'cost')
            ->assertJsonPath('data.1.price_was', '15.95')
            ->assertJsonPath('data.1.standing', 'asks');
        $ask('/drift?standing=followed')->assertOk()->assertJsonCount(0, 'data');
        $history = $ask('/listings/'.$this->listing->id.'/history')->assertOk();
        self::assertDescribed($history, 'get', '/listings/{listing}/history');
        self::assertContains('supplier', array_column((array) $history->json('data'), 'voice'));
        $ask('/listings/999999999/history')->assertNotFound();
    }

    public function test_a_program_that_may_decide_decides_and_a_person_takes_it_back(): void
    {
        $before = $this->price('a');
        $this->says(costs: ['a' => 864]);
        $change = $this->change('cost');
        $ask = function (array $abilities, array $said): \Illuminate\Testing\TestResponse {
            app('auth')->forgetGuards();

            return $this->withToken($this->stall->createToken('x', $abilities)->plainTextToken)->postJson(
                route('api.decisions'),
                $said,
            );
        };
        $described = static fn (\Illuminate\Testing\TestResponse $answer) => self::assertDescribed(
            $answer,
            'post',
            '/drift/decisions',
        );
        $described($ask(['read'], ['changes' => [$change->id], 'agree' => true])->assertForbidden());
        $described($ask(['read', 'decide'], ['changes' => ['x'], 'agree' => 'perhaps'])->assertUnprocessable());
        self::assertSame($before, $this->price('a'));
        $agreed = $ask(['read', 'decide'], ['changes' => [$change->id], 'agree' => true])
            ->assertOk()
            ->assertJsonPath('decided', [$change->id])
            ->assertJsonPath('words', 'agreed to 1 change of a supplier');
        $described($agreed);
        self::assertSame([$change->price_agreed, null], [$this->price('a'), $change->refresh()->decided_by]);
        $described($ask(['read', 'decide'], ['changes' => [$change->id], 'agree' => true])->assertUnprocessable());
        app('auth')->forgetGuards();
        $this->flushHeaders()->signIn();
        $this->takeBack();
        self::assertSame($before, $this->price('a'));
    }

    public function test_the_desk_is_narrowed_and_a_group_decided_as_it_is_seen(): void
    {
        $other = $this->world->inWindow($this->stall, Items::item([Items::variant('x', 540)], 'Dibber', id: 'T-2'));
        $this->world->pull(
            $this->stall,
            Items::item([Items::variant('a', 864), Items::variant('b', 992, 3, 'CPR-02')]),
            Items::item([Items::variant('x', 864)], 'Dibber', id: 'T-2'),
        );
        $seen = fn (array $for): array => json_decode(
            (string) json_encode(
                $this->get(route('drift', [$this->stall, ...$for]))->assertOk()->viewData('page')['props']['desk'],
            ),
            true,
        );
        self::assertSame('Oakum Depot raised 3 costs, by 60%', $seen([])['groups'][0]['headline']);
        self::assertStringStartsWith(
            'Oakum Depot raised a cost by 60%',
            $seen(['q' => 'dibb'])['groups'][0]['headline'],
        );
        self::assertSame([], $seen(['q' => '100%_'])['groups']);
        self::assertSame([], $seen(['floor' => '1'])['groups'], 'none is under its floor');
        $key = $seen(['q' => 'dibber'])['groups'][0]['key'];
        $this->post(route('drift.decide', $this->stall), [
            'group' => $key,
            'agree' => true,
            'for' => 'once',
            'q' => 'dibber',
        ])->assertSessionHas('say', 'Agreed to 1 change of a supplier.');
        self::assertSame([0, 2], [$other->refresh()->changes_count, $this->listing->refresh()->changes_count]);
    }

    public function test_a_pull_is_opened_to_what_it_did_and_by_which_rule(): void
    {
        $run = Run::query()->create([
            'stall_id' => $this->stall->id,
            'connection_id' => $this->world->connection($this->stall)->id,
            'state' => RunState::Done,
            'counts' => ['new' => 0, 'changed' => 1, 'same' => 3, 'gone' => 0],
            'notes' => ['“Price” is now called “Cost”.'],
            'started_at' => now(),
        ]);
        $this->says(title: 'Other', costs: ['a' => 600, 'b' => 992]);
        DriftChange::query()->update(['run_id' => $run->id]);
        $this->decide(agree: true);
        $this->getJson(route('drift.run', [$this->stall, $run->id]))
            ->assertOk()
            ->assertJsonPath('came.0', '4 goods: 0 new, 1 that said something else, 3 as before; 0 had gone.')
            ->assertJsonPath('came.1', '“Price” is now called “Cost”.')
            ->assertJsonFragment([
                'standing' => 'followed',
                'words' => 'Costs: 1',
                'rule' => 'within 15% (as it begins)',
                'decided' => '',
            ])
            ->assertJsonFragment([
                'standing' => 'asks',
                'words' => 'Costs: 1',
                'rule' => 'it moved by more than 15% (as it begins)',
                'decided' => '1 agreed to since',
            ]);
        $this->getJson(route('drift.run', [$this->world->stall(), $run->id]))->assertNotFound();
    }

    public function test_rules_are_set_supplier_by_supplier(): void
    {
        $connection = $this->world->connection($this->stall);
        $this->getJson(route('drift.rules', $this->stall))
            ->assertOk()
            ->assertJsonPath('suppliers.0.supplier', 'Oakum Depot')
            ->assertJsonPath('suppliers.0.band', '15')
            ->assertJsonPath('suppliers.0.guards.short', '20');
        $set = fn (array $said) => $this->putJson(route('drift.rules.update', $this->stall), [
            'edits' => [['connection' => $connection->id] + $said],
        ]);
        $set(['fact' => 'title', 'policy' => 'follow'])->assertOk();
        $set(['band' => 2.5])
            ->assertOk()
            ->assertJsonPath('suppliers.0.band', '2.5');
        $set(['guard' => 'short', 'share' => 5])
            ->assertOk()
            ->assertJsonPath('suppliers.0.guards.short', '5');
        foreach (
            [
                ['fact' => 'mood', 'policy' => 'ask'],
                ['fact' => 'title'],
                ['band' => -1],
                ['guard' => 'short', 'share' => 101],
                ['guard' => 'x', 'share' => 1],
            ] as $nonsense
        ) {
            $set($nonsense)->assertUnprocessable();
        }
        self::assertEquals(
            [['title' => 'follow', 'band' => 250], ['short' => 500]],
            [$connection->refresh()->policies, $connection->guards],
        );
        $this->putJson(route('drift.rules.update', $this->world->stall()), [
            'edits' => [['connection' => $connection->id, 'band' => 1]],
        ])->assertUnprocessable();
    }

    /** @param  array<string, int>  $costs */
    private function says(
        string $title = 'Garden Trowel NEW',
        string $words = '<p>Dear friend</p>',
        array $costs = [],
    ): void {
        $costs += ['a' => 540, 'b' => 620];
        $this->world->pull(
            $this->stall,
            Items::item(
                [Items::variant('a', $costs['a']), Items::variant('b', $costs['b'], 3, 'CPR-02')],
                $title,
                $words,
            ),
        );
    }

    /** @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function decide(bool $agree, string $for = 'once'): \Illuminate\Testing\TestResponse
    {
        $asks = DriftChange::query()
            ->where('stall_id', $this->stall->id)
            ->where('standing', 'asks')
            ->pluck('id')
            ->all();

        return $this->post(route('drift.decide', $this->stall), [
            'changes' => $asks === [] ? [1] : $asks,
            'agree' => $agree,
            'for' => $for,
        ]);
    }

    private function takeBack(): void
    {
        $step = BenchChange::query()->where('stall_id', $this->stall->id)->latest('id')->firstOrFail();
        $this->postJson(route('bench.undo', [$this->stall, $step]))->assertOk();
    }

    private function change(string $kind): DriftChange
    {
        return DriftChange::query()
            ->where('listing_id', $this->listing->id)
            ->where('kind', $kind)
            ->latest('id')
            ->firstOrFail();
    }

    private function row(string $variant): ListingVariant
    {
        return $this->listing->variants()->where('external_id', $variant)->firstOrFail();
    }

    private function price(string $variant): ?int
    {
        $price = DB::table('prices')
            ->where('listing_variant_id', $this->row($variant)->id)
            ->where('market', 'GB')
            ->value('price_minor');

        return $price === null ? null : (int) $price;
    }

    /** @return array<string, bool> */
    private function buyable(): array
    {
        $figures = ListingFigures::of($this->stall, $this->listing->refresh()->unsetRelations());

        return array_combine(
            array_map(static fn ($v): string => $v->row->external_id, $figures->variants),
            array_map(static fn ($v): bool => $v->buyable(), $figures->variants),
        );
    }
}
