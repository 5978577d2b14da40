<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Shop;

use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Events\ListingsChanged;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingState;
use WindowStall\Bench\Patch\ListingPatch;
use WindowStall\Bench\PutInWindow;
use WindowStall\Shelves\ChangeShelf;
use WindowStall\Stall\OncePerState;
use WindowStall\Stall\ShopState;
use WindowStall\Stall\StalePages;
use WindowStall\Stall\Stall;
use WindowStall\Support\JoinByHash;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Window\Content;
use WindowStall\Window\DressWindow;
use WindowStall\Window\Window;

/** What is made once for each state of a shop is never that of another state, nor of another shop. */
final class OncePerStateTest extends AppTestCase
{
    private Stall $stall;

    private int $made = 0;

    protected function setUp(): void
    {
        parent::setUp();
        $this->stall = $this->world->stall($this->signIn());
    }

    public function test_it_is_made_once_until_the_shop_or_what_it_is_made_of_changes(): void
    {
        self::assertSame([1, 1], [$this->of('a'), $this->of('a')]);
        self::assertSame([2, 2], [$this->of('b'), $this->of('b')]);
        StalePages::lists($this->stall);
        self::assertSame([3, 3], [$this->of('b'), $this->of('b')]);
        self::assertSame(4, $this->of('b', $this->world->stall()));
        self::assertSame(3, $this->of('b'), 'one shop’s never takes the place of another’s');
        self::assertSame(5, $this->of('b', name: 'else'));
    }

    public function test_what_lies_there_otherwise_is_passed_over(): void
    {
        foreach (['words', ['state' => ShopState::of($this->stall)->revision.' a'], ['made' => [9]], null] as $odd) {
            Cache::put('made '.$this->stall->id, $odd, 60);
            $this->of('a');
        }
        self::assertSame(4, $this->made);
    }

    public function test_a_menu_follows_what_its_shelves_hold_on_every_page(): void
    {
        $listing = $this->world->inWindow($this->stall);
        $shelf = app(ChangeShelf::class)->make($this->stall, 'Peas', [
            'join' => 'all',
            'parts' => [['field' => 'tag', 'names' => ['peas']]],
        ]);
        $content = Window::query()->findOrFail($this->stall->id)->workingContent()->toArray();
        $content['sections'][0]['settings']['menu'] = [['words' => 'All peas', 'leads' => 'shelf:'.$shelf->id]];
        app(DressWindow::class)->save($this->stall, Content::from($content), 1);
        app(DressWindow::class)->publish($this->stall, null);
        $page = fn () => $this->get($this->stall->shopAddress('/search?q=trowel'))->assertOk();

        $page()->assertDontSee('All peas');
        $this->world->say($listing, ListingPatch::none()->tags(['peas']));
        $page()->assertSee('href="/shelves/peas"', false)->assertSee('All peas');
        $this->patchJson(route('shelves.update', [$this->stall, $shelf]), ['slug' => 'early-peas'])->assertOk();
        $page()->assertSee('href="/shelves/early-peas"', false);
        app(PutInWindow::class)->takeOut($this->stall, Listing::query()->get(), ListingState::PutBy);
        $page()->assertDontSee('All peas');
        // Shelves are filled after a change: whoever changes it needn't know when they are.
        Listing::query()->update(['state' => ListingState::InWindow]);
        event(new ListingsChanged($this->stall, [$listing->id]));
        $page()->assertSee('All peas');
    }

    public function test_joining_by_sets_ends_with_what_asked_for_it(): void
    {
        $how = static fn (): string => (string) DB::scalar('SHOW enable_nestloop');
        self::assertSame('off', JoinByHash::within($how));
        self::assertSame('on', $how());
        try {
            JoinByHash::within(static fn () => DB::select('SELECT 1 / 0'));
            self::fail('It can’t be.');
        } catch (QueryException) {
            self::assertSame('on', DB::scalar('SHOW enable_nestloop'));
        }
    }

    private function of(string $also, ?Stall $stall = null, string $name = 'made'): int
    {
        $made = OncePerState::of($stall ?? $this->stall, $name, $also, fn (): array => ['n' => ++$this->made]);

        return $made['n'];
    }
}
