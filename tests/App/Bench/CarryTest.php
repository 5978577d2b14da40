<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Bench;

use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;
use WindowStall\Bench\Carrying\Columns;
use WindowStall\Bench\Jobs\ImportFile;
use WindowStall\Bench\Listing;
use WindowStall\Bench\Patch\ListingPatch;
use WindowStall\Bench\Patch\PatchListings;
use WindowStall\Bench\Undo\BenchChange;
use WindowStall\Bench\Undo\Undo;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\Money;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunState;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\Recipes;
use WindowStall\Support\Cell;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;

/** Listings out and in: what goes out comes in again unchanged, and what was changed outside is taken over. */
final class CarryTest extends AppTestCase
{
    private const AWKWARD = "“Trowel”, 5\" \\ 'x'; =1+1 <b>& 园艺 🌱\ttab";

    private Stall $stall;

    private Listing $listing;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
        $this->stall = $this->world->stall();
        $this->listing = $this->world->listing($this->stall);
        $this->world->say($this->listing, ListingPatch::none()->title('=HYPERLINK("x") '.self::AWKWARD));
        $this->world->say($this->listing, ListingPatch::none()->words('<p>Line, one;"two"</p><ul><li>öä</li></ul>'));
        $this->world->say(
            $this->listing,
            ListingPatch::none()->cell('type', '-5')->cell('tags', "a, b'c, =d")->cell('maker', "'-odd")->cell('notes', "two\nlines, \"quoted\""),
        );
        $this->world->say($this->listing, ListingPatch::none()->searchTitle('@search')->searchWords('+words'));
        $this->world->say(
            $this->listing,
            ListingPatch::none()->price([$this->listing->variants()->firstOrFail()->id], Money::gbp(1234)),
        );
        $this->world->say(
            $this->listing,
            ListingPatch::none()->switched([$this->listing->variants()->reorder('position', 'desc')->firstOrFail()->id], false),
        );
        $this->listing->update([
            'own_recipe' => self::recipe('3'),
            'own_ladder' => [
                ['pieces' => 2, 'kind' => 'percent', 'value' => '5'],
                ['pieces' => 3, 'kind' => 'amount', 'value' => '1.25', 'words' => 'A row; two'],
                ['pieces' => 5, 'kind' => 'total', 'value' => '40.00'],
            ],
        ]);
        $this->listing
            ->variants()
            ->firstOrFail()
            ->update(['own_was_minor' => 1999, 'own_recipe' => self::recipe('4')]);
        $this->world->listing($this->stall, Items::item([Items::variant('q')], 'Another', id: 'T-2'));
    }

    public function test_what_goes_out_comes_in_unchanged(): void
    {
        $before = $this->own();
        foreach (['csv', 'json'] as $as) {
            $this->import($this->export($as), $as)
                ->assertOk()
                ->assertJsonPath('words', 'Nothing in the file differs from what is here.')
                ->assertJsonPath('change', null)
                ->assertJsonPath('rejects', []);
            self::assertSame($before, $this->own(), $as);
        }
    }

    public function test_words_that_look_like_another_table_dont_change_how_ones_own_file_is_read(): void
    {
        // One listing, whose notes hold more even rows under "names of goods" than the file itself has.
        $table = implode("\n", ['sku;title;cost', ...array_map(
            static fn (int $n): string => sprintf('A%d;Pot %d;%d', $n, $n, $n),
            range(1, 40),
        )]);
        $this->world->say($this->listing, ListingPatch::none()->cell('notes', $table));
        Listing::of($this->stall)->whereKeyNot($this->listing->id)->delete();
        $before = $this->own();
        $file = $this->export('csv');
        $this->listing->refresh()->update(['own_notes' => 'lost']);
        $this->import($file, 'csv')->assertOk()->assertJsonPath('words', '1 listing was changed.');
        self::assertSame($before, $this->own());
        // Saved again by a program that parts cells otherwise.
        $rows = array_map(
            static fn (string $row): array => str_getcsv($row, ',', '"', ''),
            preg_split('/\r\n/', trim($file)) ?: [],
        );
        $again = fopen('php://temp', 'w+b') ?: self::fail('No room.');
        foreach ($rows as $row) {
            fputcsv($again, $row, '|', escape: '');
        }
        rewind($again);
        $this->import((string) stream_get_contents($again), 'csv')->assertOk()
            ->assertJsonPath('words', 'Nothing in the file differs from what is here.');
    }

    public function test_what_was_lost_here_comes_back_from_the_file(): void
    {
        $before = $this->own();
        foreach (['csv', 'json'] as $as) {
            $file = $this->export($as);
            $this->listing
                ->refresh()
                ->update([
                    'own_title' => 'spoilt',
                    'own_words' => null,
                    'own_type' => 'x',
                    'own_tags' => [],
                    'own_maker' => null,
                    'own_notes' => 'x',
                    'own_search_title' => null,
                    'own_search_words' => 'x',
                    'own_recipe' => null,
                    'own_ladder' => [['pieces' => 4, 'kind' => 'percent', 'value' => '9']],
                ]);
            $this->listing
                ->variants()
                ->update([
                    'own_price_minor' => null,
                    'own_on' => true,
                    'own_was_minor' => null,
                    'own_recipe' => json_encode(self::recipe('9')),
                ]);
            $change = $this->import($file, $as)
                ->assertOk()
                ->assertJsonPath('words', '1 listing was changed.')
                ->json('change');
            self::assertSame($before, $this->own(), $as);
            $this->postJson(route('bench.undo', [$this->stall, $change]))->assertOk();
            self::assertSame('spoilt', $this->listing->refresh()->own_title);
            $this->import($file, $as);
        }
    }

    public function test_a_table_changed_by_hand_is_taken_over_cell_by_cell_and_bad_cells_are_told(): void
    {
        $variants = $this->listing->variants()->pluck('id')->all();
        $csv = "listing,variant,title,on,price,tags,stock\n{$this->listing->id},{$variants[0]},New ".
            "title,no,\"9,95\",\"x, y\",999\n{$this->listing->id},{$variants[1]},New title,perhaps,dear,\"x, ".
            "y\",999\n{$this->listing->id},77777,New title,yes,,,\n999999,1,Lost,yes,,,\n";
        $answer = $this->import($csv, 'csv')
            ->assertOk()
            ->assertJsonPath('words', '1 listing was changed; 4 cells were left out.');
        self::assertSame(
            [[3, 'on'], [3, 'price'], [4, 'variant'], [5, 'listing']],
            array_map(static fn (array $r): array => [$r['row'], $r['column']], $answer->json('rejects')),
        );
        self::assertSame(['New title', ['x', 'y']], [$this->listing->refresh()->own_title, $this->listing->own_tags]);
        self::assertSame(
            [[false, 995], [false, null]],
            $this->listing->variants()->get()->map(static fn ($v): array => [$v->own_on, $v->own_price_minor])->all(),
        );
        self::assertSame(15, (int) $this->listing->supplierItem?->stock, 'what is told for reading is not taken in');
    }

    public function test_what_is_said_of_prices_is_held_to_the_same_rules_as_on_the_board(): void
    {
        [$first, $second] = $this->listing->variants()->get()->all();
        $bad = ['was' => ['12.34', 'above'], 'variant_recipe' => ['× 3', 'as programs send it']];
        foreach ($bad as $column => [$cell, $why]) {
            $said = $this->import(
                "listing,variant,$column\n{$this->listing->id},{$first->id},$cell\n",
                'csv',
            )->assertOk();
            self::assertSame(
                [[2, $column]],
                array_map(static fn (array $r): array => [$r['row'], $r['column']], $said->json('rejects')),
            );
            self::assertStringContainsString($why, $said->json('rejects.0.reason'));
        }
        foreach (
            [
                '1: 5%' => 'from 2 pieces on',
                '3: cheap' => 'no rung',
                '2: 5%; 2: 6%' => 'same number of pieces',
                '3: x%' => 'no percentage',
                '2: 1%; 3: 2%; 4: 3%; 5: 4%; 6: 5%; 7: 6%' => 'at most 5',
            ] as $ladder => $why
        ) {
            self::assertStringContainsString(
                $why,
                $this->import("listing,variant,ladder\n{$this->listing->id},{$first->id},$ladder\n", 'csv')->json(
                    'rejects.0.reason',
                ),
            );
        }
        foreach (
            [
                ['basis' => 'landed', 'steps' => []],
                ['steps' => [['factor' => '-1']]],
                ['steps' => [['up_to' => '9', 'factor' => '2'], ['up_to' => '5', 'factor' => '2'], ['factor' => '1']]],
            ] as $recipe
        ) {
            $said = $this->import(
                (string) json_encode([
                    'format' => 'window-stall/listings',
                    'listings' => [['listing' => $this->listing->id, 'recipe' => $recipe]],
                ]),
                'json',
            )->assertOk();
            self::assertMatchesRegularExpression(
                '/^\S+ .+\.$/',
                (string) $said->json('rejects.0.reason'),
                (string) json_encode($recipe),
            );
        }
        self::assertSame(
            [1999, 3],
            [$first->refresh()->own_was_minor, count($this->listing->refresh()->own_ladder ?? [])],
        );

        $this->import(
            "listing,variant,price,was,ladder\n{$this->listing->id},{$first->id},15.00,18.00,\n{$this->listing->id},{$second->id},,30.00,\n",
            'csv',
        )->assertJsonPath('rejects', []);
        self::assertSame(
            [[1500, 1800], [null, 3000]],
            [
                [$first->refresh()->own_price_minor, $first->own_was_minor],
                [$second->refresh()->own_price_minor, $second->own_was_minor],
            ],
        );
        self::assertNull($this->listing->refresh()->own_ladder);
    }

    public function test_another_stall_with_the_same_supplier_takes_them_over(): void
    {
        $file = $this->export('json');
        $there = $this->world->stall();
        $this->world->pull($there, Items::item([Items::variant('a'), Items::variant('b', 620, 3, 'CPR-02')]));
        $this->imported($there, $this->send($file, 'json', $there))
            ->assertOk()
            ->assertJsonPath(
                'words',
                '1 listing was changed, 1 of them newly taken to the bench; 1 cell was left out.',
            );
        self::assertSame(
            '=HYPERLINK("x") '.preg_replace('/\s+/u', ' ', self::AWKWARD),
            Listing::of($there)->firstOrFail()->own_title,
        );
    }

    public function test_files_that_are_none_get_a_sentence(): void
    {
        foreach (
            [
                '' => 'The file is empty.',
                "a,b\n1,2\n" => 'This isn’t a table of listings as they go out from here: '.
                    'the columns “listing” and “variant” are missing.',
                '{"listings":1}' => 'This isn’t a file of listings as they go out from here: '.
                    '{"format": "window-stall/listings", "listings": […]} is expected.',
            ] as $bytes => $sentence
        ) {
            $this->send((string) $bytes, 'csv')->assertStatus(422)->assertJsonPath('message', $sentence);
        }
        $this->wantingJson()->post(route('bench.import', $this->stall), [])->assertStatus(422);
    }

    public function test_each_listing_can_be_taken_back_by_itself_and_then_the_rest(): void
    {
        $other = Listing::of($this->stall)->where('id', '!=', $this->listing->id)->firstOrFail();
        $file = (string) json_encode([
            'format' => 'window-stall/listings',
            'listings' => [
                ['listing' => $this->listing->id, 'title' => 'First'],
                ['listing' => $other->id, 'title' => 'Second'],
            ],
        ]);
        $change = $this->import($file, 'json')
            ->assertJsonCount(2, 'listings')
            ->assertJsonPath('listings.0.title', 'First')
            ->json('change');
        $this->postJson(route('bench.undo', [$this->stall, $change]), ['listings' => [$other->id]])->assertOk();
        self::assertSame(['First', null], [$this->listing->refresh()->own_title, $other->refresh()->own_title]);
        $this->postJson(route('bench.undo', [$this->stall, $change]), ['listings' => [$other->id]])
            ->assertUnprocessable()
            ->assertJsonPath('message', 'That was taken back already.');
        $this->postJson(route('bench.undo', [$this->stall, $change]))->assertOk();
        self::assertStringStartsWith('=HYPERLINK', (string) $this->listing->refresh()->own_title);
    }

    public function test_a_file_is_read_bit_by_bit_and_one_that_breaks_off_keeps_what_came_before_and_can_be_taken_back(): void
    {
        $record = static fn (int $id, string $title): string => (string) json_encode([
            'listing' => $id,
            'title' => $title,
            'notes' => str_repeat('x', 500),
        ]);
        $many = implode(
            ',',
            array_map(fn (int $n): string => $record($this->listing->id, 'Title '.$n), range(1, 120)),
        );
        $steps = BenchChange::query()->where('stall_id', $this->stall->id)->count();
        $sent = $this->send('{"format":"window-stall/listings","listings":['.$many.',{"listing":', 'json')
            ->assertOk()
            ->assertJsonPath('state', 'failed');
        self::assertStringContainsString('breaks off', (string) $sent->json('trouble'));
        self::assertSame(
            $steps,
            BenchChange::query()->where('stall_id', $this->stall->id)->count(),
            'the file is read through before anything is written',
        );

        $bad = '{"format":"window-stall/listings","listings":['.$many.']}';
        $run = Run::query()->findOrFail((int) $this->send($bad, 'json')->assertJsonPath('state', 'done')->json('id'));
        self::assertSame(['Title 120', 120], [$this->listing->refresh()->own_title, $run->total]);
        self::assertSame($steps + 1, BenchChange::query()->where('stall_id', $this->stall->id)->count());
        $this->postJson(route('bench.undo', [$this->stall, $run->subject['change']]))->assertOk();
        self::assertStringStartsWith(
            '=HYPERLINK',
            (string) $this->listing->refresh()->own_title,
            'as it stood before the first of them',
        );
    }

    public function test_an_import_whose_worker_was_killed_goes_on_with_the_same_step(): void
    {
        Queue::fake();
        $other = Listing::of($this->stall)->where('id', '!=', $this->listing->id)->firstOrFail();
        $file = (string) json_encode([
            'format' => 'window-stall/listings',
            'listings' => [
                ['listing' => $this->listing->id, 'title' => 'First'],
                ['listing' => $other->id, 'title' => 'Second'],
            ],
        ]);
        $run = Run::query()->findOrFail((int) $this->send($file, 'json')->assertOk()->json('id'));
        // As a worker left it that had written the first listing.
        $change = app(Undo::class)->begin($this->stall, null, apart: true);
        app(PatchListings::class)->within(
            $this->stall,
            $change,
            [$this->listing->id],
            fn (): array => [$this->listing->id => ListingPatch::none()->title('First')],
        );
        $run->update([
            'state' => RunState::Waiting,
            'taken_up' => 1,
            'subject' => ['change' => $change->id] + $run->subject,
        ]);
        app()->call([new ImportFile($run->id), 'handle']);
        self::assertSame([RunState::Done, 'Second'], [$run->refresh()->state, $other->refresh()->own_title]);
        $this->postJson(route('bench.undo', [$this->stall, $change->id]))->assertOk();
        self::assertSame(null, $other->refresh()->own_title);
        self::assertStringStartsWith('=HYPERLINK', (string) $this->listing->refresh()->own_title);
        self::assertSame(
            [],
            Storage::allFiles('imports/'.$this->stall->id),
            'the file isn’t kept longer than it is read',
        );
    }

    public function test_no_cell_runs_in_a_spreadsheet_and_every_cell_is_read_back(): void
    {
        foreach (
            ['=1+1', '+44', '-x', '-5', '@a', "'-5", "'=x", "''=x", "\tx", 'plain', "'plain", '-3.20', ''] as $cell
        ) {
            $safe = Cell::safe($cell);
            self::assertSame($cell, Cell::unsafe($safe), $cell);
            self::assertDoesNotMatchRegularExpression("/^[=+@\t\r]|^-(?!\d+(\.\d+)?$)/", $safe, $cell);
        }
        self::assertSame(Columns::all(), array_unique(Columns::all()));
    }

    private function export(string $as): string
    {
        return $this->get(route('bench.export', [$this->stall, 'as' => $as]))->assertOk()->streamedContent();
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function import(string $bytes, string $as): TestResponse
    {
        return $this->imported($this->stall, $this->send($bytes, $as)->assertOk()->assertJsonPath('state', 'done'));
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function send(string $bytes, string $as, ?Stall $stall = null): TestResponse
    {
        return $this->wantingJson()->post(route('bench.import', $stall ?? $this->stall), [
            'file' => UploadedFile::fake()->createWithContent('listings.'.$as, $bytes),
        ]);
    }

    /**
     * @param  TestResponse<\Symfony\Component\HttpFoundation\Response>  $sent
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function imported(Stall $stall, TestResponse $sent): TestResponse
    {
        return $this->getJson(route('bench.imported', [$stall, $sent->json('id')]));
    }

    /** @return array<string, mixed> */
    private function own(): array
    {
        $l = $this->listing->refresh();

        return [
            ...$l->only([
                'own_title',
                'own_words',
                'own_type',
                'own_tags',
                'own_maker',
                'own_notes',
                'own_search_title',
                'own_search_words',
                'own_recipe',
                'own_ladder',
            ]),
            'variants' => $l
                ->variants()
                ->get(['id', 'own_on', 'own_price_minor', 'own_was_minor', 'own_recipe'])
                ->toArray(),
        ];
    }

    /** @return array<string, mixed> as it is written */
    private static function recipe(string $factor): array
    {
        return Recipes::check(
            [
                'basis' => 'goods',
                'steps' => [['up_to' => '4.00', 'factor' => $factor], ['margin' => '0.3']],
                'ending' => ['part' => '0.95', 'direction' => 'nearest'],
                'floor' => ['keep' => '1.50'],
                'cap' => 'rrp',
            ],
            Currency::of('GBP'),
        );
    }
}
