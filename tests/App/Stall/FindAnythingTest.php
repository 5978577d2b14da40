<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Stall;

use Illuminate\Routing\Route as Routed;
use Illuminate\Support\Facades\Route;
use PHPUnit\Framework\Attributes\TestWith;
use WindowStall\Bench\Patch\ListingPatch;
use WindowStall\Counter\Order;
use WindowStall\Frame\ScreenIndex;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\App\Shop\Shopper;
use WindowStall\Tests\Core\Source\Items;

final class FindAnythingTest extends AppTestCase
{
    public function test_listings_orders_and_items_are_found_in_this_stall_only(): void
    {
        $this->signIn();
        $stall = $this->world->stall();
        $listing = $this->world->inWindow($stall);
        $this->world->say($listing, ListingPatch::none()->title('Ash 100% trowel'));
        $this->world->pull(
            $stall,
            Items::item([Items::variant('a'), Items::variant('b', 620, 3, 'CPR-02')]),
            Items::item([Items::variant('z')], 'Trowel rack', id: 'R-1'),
        );
        $shopper = new Shopper($this, $stall);
        $shopper->put($listing->variants()->firstOrFail());
        $shopper->checkOut()->assertRedirect();
        $other = $this->world->stall();
        $this->world->listing($other, Items::item([Items::variant('o')], 'Another trowel'));

        $this->find($stall, 'trowel')
            ->assertJsonCount(2)
            ->assertJsonPath('0.label', 'Ash 100% trowel')
            ->assertJsonPath('0.detail', 'in the window')
            ->assertJsonPath('1.kind', 'item');
        $this->find($stall, (string) Order::query()->where('stall_id', $stall->id)->value('number'))->assertJsonPath(
            '0.kind',
            'order',
        );
        $this->find($stall, 'fennimore')->assertJsonCount(1)->assertJsonPath('0.label', 'Order 1001');
        $this->find($stall, '100%')->assertJsonCount(1);
        $this->world->pull(
            $stall,
            Items::item([Items::variant('n')], 'Netting', id: 'N-1'),
            Items::item([Items::variant('t')], 'Tin', id: 'N-2'),
        );
        $this->find($stall, 'tin')->assertJsonPath('0.label', 'Tin')->assertJsonPath('1.label', 'Netting');
        foreach (['[', '(a', '*'] as $awkward) {
            $this->find($stall, $awkward);
        }
        foreach (['', '   ', '_', '\\', "'", '99999999999999'] as $nothing) {
            $this->find($stall, $nothing)->assertExactJson([]);
        }
    }

    #[TestWith(['discount', 'Discount codes'])]
    #[TestWith(['tax', 'Sales tax'])]
    #[TestWith(['vat', 'Sales tax'])]
    #[TestWith(['shipping', 'what shoppers pay for delivery'])]
    #[TestWith(['country', 'Countries you sell to'])]
    #[TestWith(['logo', 'Logo'])]
    #[TestWith(['domain', 'Address of the shop'])]
    #[TestWith(['refund', 'Give money back'])]
    #[TestWith(['export', 'Listings out and in'])]
    #[TestWith(['help', 'Keys and help'])]
    #[TestWith(['password', 'You: password'])]
    #[TestWith(['currency', 'Exchange rates'])]
    #[TestWith(['category', 'Shelves'])]
    #[TestWith(['font', 'Colours and typefaces'])]
    #[TestWith(['theme', 'Window: the front page'])]
    #[TestWith(['coupon', 'Discount codes'])]
    #[TestWith(['webhook', 'Programs that are told'])]
    #[TestWith(['api', 'Tokens for programs'])]
    #[TestWith(['newsletter', 'People who left their mail'])]
    #[TestWith(['import', 'Listings out and in'])]
    #[TestWith(['photo', 'Pictures of goods'])]
    #[TestWith(['language', 'Language of the shop'])]
    #[TestWith(['clock', 'The stall’s clock'])]
    #[TestWith(['staff', 'can’t be invited'])]
    #[TestWith(['analytics', 'no ledger yet'])]
    #[TestWith(['free delivery', 'what shoppers pay for delivery'])]
    #[TestWith(['privacy policy', 'Returns, delivery and privacy policies'])]
    public function test_what_people_call_a_thing_finds_it_or_says_that_it_cant_be_done(string $words, string $found): void
    {
        $this->signIn();
        $stall = $this->world->stall();
        $said = array_map(
            static fn (array $f): string => $f['label'].' '.$f['detail'],
            array_slice($this->find($stall, $words)->json(), 0, 4),
        );
        self::assertStringContainsString($found, implode("\n", $said));
    }

    public function test_every_screen_is_found_by_three_everyday_words_at_least(): void
    {
        $named = [];
        foreach (ScreenIndex::all() as $place) {
            $named[$place['route']] = ($named[$place['route']] ?? 0) + count(explode(' ', $place['words']));
        }
        // What answers with a screen, by itself: without a number of something that is found by its own name.
        $screens = array_filter(
            Route::getRoutes()->getRoutes(),
            fn (Routed $r): bool => $this->isScreen($r),
        );
        self::assertGreaterThan(15, count($screens));
        foreach ($screens as $screen) {
            self::assertGreaterThanOrEqual(3, $named[(string) $screen->getName()] ?? 0, $screen->uri());
        }
        foreach (array_keys($named) as $route) {
            self::assertTrue($route === '' || Route::has($route), $route);
        }
    }

    private function isScreen(Routed $route): bool
    {
        if (! in_array('GET', $route->methods(), true) || $route->getDomain() !== config('stall.workshop_host')) {
            return false;
        }
        [$class, $method] = explode('@', $route->getActionName().'@__invoke');
        if (! class_exists($class) || ! method_exists($class, $method) || $route->getName() === 'home') {
            return false;
        }
        $code = new \ReflectionMethod($class, $method);
        $lines = array_slice(
            file((string) $code->getFileName()) ?: [],
            $code->getStartLine() - 1,
            $code->getEndLine() - $code->getStartLine() + 1,
        );

        return str_contains(implode('', $lines), 'Inertia::render')
            && ! in_array('guest', $route->gatherMiddleware(), true)
            && array_diff($route->parameterNames(), ['stall']) === [];
    }

    /** @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function find(\WindowStall\Stall\Stall $stall, string $words): \Illuminate\Testing\TestResponse
    {
        return $this->getJson(route('find', [$stall, 'q' => $words]))->assertOk();
    }
}
