<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Shop;

use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Http\Client\Request;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Http;
use RuntimeException;
use Symfony\Component\Process\Process;
use WindowStall\Bench\Events\ListingsChanged;
use WindowStall\Bench\Listing;
use WindowStall\Bench\Patch\ListingPatch;
use WindowStall\Shelves\ChangeShelf;
use WindowStall\Shop\Ready\PageFolder;
use WindowStall\Shop\Ready\PagePath;
use WindowStall\Shop\Ready\ReadyPage;
use WindowStall\Source\SupplierVariant;
use WindowStall\Stall\OneStall;
use WindowStall\Stall\ShopState;
use WindowStall\Stall\StalePages;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;
use WindowStall\Window\Content;
use WindowStall\Window\DressWindow;
use WindowStall\Window\Policies\PolicyVersion;
use WindowStall\Window\Window;

/** Pages are kept ready as files until something they depend on changes, and no longer; what else lies there stays. */
final class ReadyPagesTest extends AppTestCase
{
    private Stall $stall;

    private Listing $trowel;

    private Listing $can;

    protected function setUp(): void
    {
        parent::setUp();
        $this->stall = $this->world->stall($this->signIn());
        $this->trowel = $this->world->inWindow($this->stall);
        $this->can = $this->world->inWindow($this->stall, Items::item([Items::variant('can')], 'Can', id: 'can'));
        OneStall::enter($this->stall->id);
        PolicyVersion::of($this->stall)->create([
            'kind' => 'returns',
            'number' => 1,
            'words' => ['period' => 'You can send things back within 30 days.'],
            'published_at' => now(),
        ]);
    }

    protected function tearDown(): void
    {
        File::deleteDirectory($this->folder());
        parent::tearDown();
    }

    public function test_a_changed_page_is_thrown_away_and_made_anew_and_no_other_is_touched(): void
    {
        $this->look('/', '/goods', $this->of($this->trowel), $this->of($this->can), '/policies/returns');
        $can = $this->file($this->of($this->can));
        $made = fileinode($can);

        $this->world->say($this->trowel, ListingPatch::none()->title('Another name'));

        self::assertFileDoesNotExist($this->file($this->of($this->trowel)));
        self::assertFileDoesNotExist($this->file('/index'), 'it shows several goods');
        self::assertFileDoesNotExist($this->file('/goods'));
        self::assertSame($made, fileinode($can));
        $this->get($this->at($this->of($this->trowel)))->assertSee('Another name');
        self::assertStringContainsString('Another name', $this->kept($this->of($this->trowel)));
    }

    public function test_what_was_begun_before_a_change_is_shown_and_not_kept(): void
    {
        $this->look('/');
        $before = ShopState::of($this->stall);
        $page = $this->of($this->trowel);
        $this->world->say($this->trowel, ListingPatch::none()->title('Another name'));

        $this->write($before, $page, 'as it was called before');
        self::assertFileDoesNotExist($this->file($page));
        $this->write($before, $this->of($this->can), 'shows the trowel', [$this->trowel->refresh()->slug]);
        self::assertFileDoesNotExist($this->file($this->of($this->can)), 'it shows what changed');
        $this->write($before, '/policies/returns', 'shows no goods');
        self::assertSame('shows no goods', $this->kept('/policies/returns'));
        self::assertNull(PagePath::of('/../../x'), 'out of the folder');
    }

    public function test_what_changed_but_isnt_turned_yet_is_heeded_too(): void
    {
        $this->look('/');
        $state = ShopState::of($this->stall);
        $this->killedAfter([StalePages::GOODS.$this->trowel->refresh()->slug]);

        $this->write($state, $this->of($this->trowel), 'as it was');

        self::assertFileDoesNotExist($this->file($this->of($this->trowel)));
    }

    public function test_what_was_read_for_a_page_before_a_change_keeps_it_from_being_kept(): void
    {
        $shelf = app(ChangeShelf::class)->make($this->stall, 'Peas', ['join' => 'all', 'parts' => []]);
        $this->look('/');
        $done = false;
        // Somebody names it otherwise right after the page's request has read it.
        DB::listen(function (QueryExecuted $query) use ($shelf, &$done): void {
            if (! $done && str_contains($query->sql, 'from "shelves"') && in_array('peas', $query->bindings, true)) {
                $done = true;
                app(ChangeShelf::class)->say($this->stall, $shelf, ['name' => 'Early peas']);
            }
        });

        $this->look('/shelves/peas');

        self::assertTrue($done);
        self::assertFileDoesNotExist($this->file('/shelves/peas'));
    }

    public function test_a_change_that_is_taken_back_makes_nothing_stale(): void
    {
        $this->look('/', $this->of($this->trowel));
        $state = ShopState::of($this->stall);
        try {
            DB::transaction(function (): void {
                StalePages::frame($this->stall);
                throw new RuntimeException('Something went wrong.');
            });
        } catch (RuntimeException) {
        }
        self::assertEquals($state, ShopState::of($this->stall));
        self::assertFileExists($this->file('/index'));
    }

    public function test_a_changed_frame_turns_all_pages_at_once(): void
    {
        $this->look('/', $this->of($this->can), '/policies/returns');
        $generation = readlink($this->folder().'/current');

        $this->say(fn (array $content): array => ['sections' => [...$content['sections'], [
            'id' => 'words', 'kind' => 'story', 'settings' => ['heading' => 'Beans'],
        ]]]);
        self::assertFileDoesNotExist($this->file('/index'));
        self::assertFileExists($this->file($this->of($this->can)), 'the front page alone says something else');
        $this->say(fn (array $content): array => ['look' => ['wordmark' => 'Beans'] + $content['look']]);

        self::assertSame((int) $generation + 1, (int) readlink($this->folder().'/current'));
        self::assertSame([], File::allFiles($this->folder().'/current'));
        $this->look('/');
        self::assertFileExists($this->file('/index'));
    }

    public function test_a_menu_that_loses_a_shelf_turns_all_pages_and_one_that_stays_does_not(): void
    {
        $shelf = app(ChangeShelf::class)->make($this->stall, 'Peas', [
            'join' => 'all',
            'parts' => [['field' => 'tag', 'names' => ['peas']]],
        ]);
        foreach ([$this->trowel, $this->can] as $listing) {
            $this->world->say($listing, ListingPatch::none()->tags(['peas']));
        }
        $content = Window::query()->findOrFail($this->stall->id)->workingContent()->toArray();
        $content['sections'][0]['settings']['menu'] = [['words' => 'All peas', 'leads' => 'shelf:'.$shelf->id]];
        app(DressWindow::class)->save($this->stall, Content::from($content), 1);
        app(DressWindow::class)->publish($this->stall, null);
        $this->look('/', '/policies/returns', '/shelves/peas');
        self::assertStringContainsString('All peas', $this->kept('/policies/returns'));

        $this->world->say($this->trowel, ListingPatch::none()->tags([]));
        self::assertFileExists($this->file('/policies/returns'), 'one is left on the shelf');
        self::assertFileDoesNotExist($this->file('/shelves/peas'));
        $this->world->say($this->can, ListingPatch::none()->tags([]));
        self::assertFileDoesNotExist($this->file('/policies/returns'), 'its menu leads to an empty shelf');
    }

    public function test_where_very_many_changed_all_are_made_anew(): void
    {
        $this->look('/policies/returns');
        StalePages::goods($this->stall, array_map(static fn (int $n): string => 'g'.$n, range(1, 499)));
        self::assertFileExists($this->file('/policies/returns'));
        StalePages::goods($this->stall, array_map(static fn (int $n): string => 'g'.$n, range(1, 500)));
        self::assertFileDoesNotExist($this->file('/policies/returns'));
    }

    public function test_what_somebody_who_was_killed_left_is_thrown_away_by_whoever_keeps_the_pages(): void
    {
        Http::fake();
        $this->look('/', $this->of($this->trowel), $this->of($this->can));
        $this->killedAfter([StalePages::GOODS.$this->trowel->refresh()->slug]);
        self::assertFileExists($this->file($this->of($this->trowel)));

        $this->keepPages();

        self::assertFileDoesNotExist($this->file($this->of($this->trowel)));
        self::assertFileExists($this->file($this->of($this->can)));
        self::assertSame(0, DB::table('stale_pages')->count());
    }

    public function test_pages_that_were_ready_are_made_again_those_of_single_goods_first(): void
    {
        Http::fake();
        $this->look('/', $this->of($this->trowel), $this->of($this->can), '/policies/returns');
        $this->say(fn (array $content): array => ['look' => ['wordmark' => 'Beans'] + $content['look']]);
        $this->look($this->of($this->trowel));
        $this->world->say($this->trowel, ListingPatch::none()->title('Another name'));

        $this->keepPages();

        $asked = Http::recorded()->map(static fn (array $pair): string => (string) $pair[0]->url())->all();
        $paths = array_map(static fn (string $url): string => (string) parse_url($url, PHP_URL_PATH) ?: '/', $asked);
        self::assertSame($this->of($this->trowel), $paths[0]);
        self::assertEqualsCanonicalizing(['/', $this->of($this->can), '/policies/returns'], array_slice($paths, 1, 3));
        $again = array_slice($paths, 4);
        self::assertSame($this->of($this->trowel), $again[0] ?? null, 'it isn’t there yet');
        self::assertLessThanOrEqual(3, array_count_values($paths)['/'], 'not for ever');
        Http::assertSent(fn (Request $request): bool => str_starts_with(
            $request->header('Host')[0],
            $this->stall->handle.'.'.config('stall.shops_host'),
        ));
        self::assertCount(1, glob($this->folder().'/[0-9]*', GLOB_ONLYDIR) ?: [], 'former generations are cleared away');
    }

    public function test_another_machine_follows_by_what_is_on_record_and_begins_anew_where_it_isnt(): void
    {
        $here = storage_path();
        $there = $here.'/other-'.bin2hex(random_bytes(4));
        $follow = function () use ($here, $there): void {
            app()->useStoragePath($there);
            PageFolder::of($this->stall)->follow(ShopState::of($this->stall));
            app()->useStoragePath($here);
        };
        app()->useStoragePath($there);
        $this->look($this->of($this->trowel), $this->of($this->can));
        $files = array_map($this->file(...), [$this->of($this->trowel), $this->of($this->can)]);
        app()->useStoragePath($here);

        $this->world->say($this->trowel, ListingPatch::none()->title('Another name'));
        self::assertFileExists($files[0]);
        $follow();
        self::assertFileDoesNotExist($files[0]);
        self::assertFileExists($files[1]);

        $this->world->say($this->trowel, ListingPatch::none()->title('Yet another'));
        DB::table('page_turns')->where('stall_id', $this->stall->id)->delete();
        $follow();
        self::assertFileDoesNotExist($files[1], 'nobody knows any more what changed');
        File::deleteDirectory($there);
    }

    public function test_a_page_is_made_by_one_at_a_time(): void
    {
        $this->look('/');
        $path = PagePath::of('/policies/returns') ?? self::fail('It is kept.');
        $other = new Process([PHP_BINARY, '-r', <<<'PHP'
            $maker = fopen($argv[1], 'c');
            flock($maker, LOCK_EX);
            echo 'has it';
            usleep(200_000);
            @mkdir(dirname($argv[2]), recursive: true);
            file_put_contents($argv[2], 'made by another');
            PHP, $this->folder().'/making-'.crc32($path->path) % 32, $this->file($path->path)]);
        $other->start();
        $other->waitUntil(static fn (string $type, string $said): bool => str_contains($said, 'has it'));

        $html = PageFolder::of($this->stall)->makeOnce($path, static fn (): string => 'made here');

        self::assertSame('made by another', $html);
        self::assertSame('made here', PageFolder::of($this->stall)->makeOnce($path, static fn (): string => 'made here'));
    }

    public function test_what_is_sold_out_since_stands_on_no_ready_page(): void
    {
        $this->look('/', $this->of($this->can));
        self::assertStringContainsString('In stock', $this->kept($this->of($this->can)));
        SupplierVariant::query()
            ->whereIn('id', $this->can->variants()->select('supplier_variant_id'))
            ->update(['stock' => 0]);
        event(new ListingsChanged($this->stall, [$this->can->id]));

        $this->look($this->of($this->can));
        self::assertStringNotContainsString('In stock', $this->kept($this->of($this->can)));
    }

    /** @param  callable(array<string, mixed>): array<string, mixed>  $what  what is published from here on */
    private function say(callable $what): void
    {
        $window = Window::query()->findOrFail($this->stall->id);
        $content = $window->workingContent()->toArray();
        app(DressWindow::class)->save($this->stall, Content::from($what($content) + $content), $window->version);
        app(DressWindow::class)->publish($this->stall, null);
    }

    /** @param  list<string>  $keys  what was noted by somebody who was killed before the pages were thrown away */
    private function killedAfter(array $keys): void
    {
        OneStall::within($this->stall->id, fn () => DB::insert(
            'INSERT INTO stale_pages (stall_id, keys) SELECT ?, array_agg(key) FROM json_array_elements_text(?) AS key',
            [$this->stall->id, json_encode($keys)],
        ));
    }

    private function keepPages(): void
    {
        OneStall::leave();
        self::assertSame(0, Artisan::call('shop:keep-pages', ['--max-time' => 1]));
        OneStall::enter($this->stall->id);
    }

    /** @param  list<string>  $shows */
    private function write(ShopState $since, string $path, string $html, array $shows = []): void
    {
        OneStall::within($this->stall->id, fn () => PageFolder::of($this->stall)->write(
            $since,
            PagePath::of($path) ?? self::fail($path.' isn’t kept.'),
            new ReadyPage($html, $shows),
        ));
    }

    private function look(string ...$paths): void
    {
        foreach ($paths as $path) {
            $this->get($this->at($path))->assertOk();
        }
        OneStall::enter($this->stall->id);
    }

    private function of(Listing $listing): string
    {
        return '/goods/'.$listing->refresh()->slug;
    }

    private function at(string $path): string
    {
        return $this->stall->shopAddress($path);
    }

    private function kept(string $path): string
    {
        return (string) file_get_contents($this->file($path));
    }

    private function file(string $path): string
    {
        return $this->folder().'/current'.$path.'.html';
    }

    private function folder(): string
    {
        return storage_path('pages/'.$this->stall->handle.'.'.config('stall.shops_host'));
    }
}
