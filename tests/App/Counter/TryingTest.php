<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Counter;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use WindowStall\Core\Trying\Verdict;
use WindowStall\Counter\Jobs\WeighTrial;
use WindowStall\Counter\Trying\TriedOrder;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\App\Shop\Shopper;
use WindowStall\Tests\Core\Source\Items;
use WindowStall\Window\Policies\TrueFacts;
use WindowStall\Window\Trying\Trial;
use WindowStall\Window\Window;

/** Two versions of a section, each for half of the shoppers: from publishing them to the answer. */
final class TryingTest extends AppTestCase
{
    private Stall $stall;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-12-02 10:00');
        $this->stall = $this->world->stall($this->signIn());
    }

    public function test_a_trial_begins_with_publishing_goes_on_over_other_changes_and_ends_when_nothing_is_for_a_half(): void
    {
        $this->publish([$this->story('a', 'Old words', 'first'), $this->story('b', 'New words', 'second')]);
        $trial = Trial::now($this->stall);
        self::assertNotNull($trial);
        self::assertTrue(TrueFacts::of($this->stall)->halves, 'the policy of privacy tells of it');
        $html = $this->front();
        self::assertStringContainsString('data-trial="'.$trial->id.'"', $html);
        self::assertMatchesRegularExpression('/half-first.*Old words.*half-second.*New words/s', $html, 'both lie on the one page that is kept');

        $this->publish([$this->story('a', 'Old words', 'first'), $this->story('b', 'New words', 'second'), $this->story('c', 'For all')]);
        self::assertSame($trial->id, Trial::now($this->stall)?->id, 'what everybody sees changes nothing');
        $this->publish([$this->story('a', 'Old words', 'first'), $this->story('b', 'Newer words', 'second')]);
        self::assertNotSame($trial->id, Trial::now($this->stall)?->id);
        $this->publish([$this->story('b', 'Newer words')]);
        self::assertNull(Trial::now($this->stall));
        self::assertFalse(TrueFacts::of($this->stall)->halves);
        self::assertStringNotContainsString('data-trial', $this->front());
        self::assertSame(2, Trial::of($this->stall)->whereNotNull('ended_at')->count());
    }

    public function test_an_order_counts_for_the_half_its_shopper_saw_once_it_is_paid(): void
    {
        $variant = $this->world->inWindow($this->stall)->variants()->firstOrFail();
        // Nobody there can be asked for today's stock.
        SupplierConnection::of($this->stall)->update(['address' => 'http://oakum.standins.localhost:9']);
        $this->publish([$this->story('a', 'Old', 'first'), $this->story('b', 'New', 'second')]);
        $trial = Trial::now($this->stall);
        foreach (['b', 'a', 'x', ''] as $half) {
            $shopper = new Shopper($this, $this->stall);
            $shopper->put($variant);
            $this->withUnencryptedCookie(TriedOrder::COOKIE, $half === '' ? '' : $trial?->id.$half);
            $shopper->checkOut();
            $order = $shopper->pay($shopper->order())->refresh();
            self::assertNotNull($order->paid_at, $half.' '.json_encode([$order->state, $order->payment_trouble]));
        }
        $this->withUnencryptedCookie(TriedOrder::COOKIE, '');
        $this->weigh();
        $tried = TriedOrder::query()->orderBy('order_id')->get();
        self::assertSame([true, false], $tried->pluck('second')->all(), 'nobody else saw a half');
        self::assertGreaterThan(0, $tried->first()?->keep_minor);
        $words = implode(' ', $this->words());
        self::assertStringContainsString('1 order came from shoppers who see the first, 1 from those who see the second.', $words);
    }

    public function test_once_there_is_an_answer_everybody_sees_the_better_and_nobody_is_counted_any_more(): void
    {
        $this->publish([$this->story('a', 'Old', 'first'), $this->story('b', 'New', 'second')]);
        $trial = Trial::now($this->stall);
        self::assertNotNull($trial);
        $this->paid($trial, 79);
        $this->weigh();
        self::assertSame(Verdict::Open, $trial->refresh()->verdict);
        self::assertStringContainsString('an answer takes about', implode(' ', $this->words()));
        $this->front();
        $this->paid($trial, 1);
        $this->weigh();
        self::assertSame(Verdict::Second, $trial->refresh()->verdict, '80 in a row are no chance');
        $html = $this->front();
        self::assertStringContainsString('New', $html);
        self::assertStringNotContainsString('Old', $html);
        self::assertStringNotContainsString('data-trial', $html);
        self::assertStringContainsString('The second brings more orders. Everybody sees it now.', implode(' ', $this->words()));

        $this->paid($trial, 120, second: false);
        $this->weigh();
        self::assertSame(Verdict::Second, $trial->refresh()->verdict, 'what is answered stays answered');
    }

    public function test_on_a_page_that_nobody_buys_from_it_says_so(): void
    {
        $this->publish([$this->story('a', 'Old', 'first')]);
        self::assertSame(['It has begun; no order came of it yet.'], $this->words());
        $this->travelTo('2026-12-12 10:00');
        self::assertSame(
            ['No order came from anybody who saw it in 10 days. Try something on a page that more shoppers see.'],
            $this->words(),
        );
    }

    public function test_another_stall_s_trial_is_none_of_this_one_s(): void
    {
        $this->publish([$this->story('a', 'Old', 'first'), $this->story('b', 'New', 'second')]);
        $trial = Trial::now($this->stall);
        $other = $this->world->stall();
        $variant = $this->world->inWindow($other)->variants()->firstOrFail();
        $shopper = new Shopper($this, $other);
        $shopper->put($variant);
        $this->withUnencryptedCookie(TriedOrder::COOKIE, $trial?->id.'b');
        $shopper->checkOut();
        $this->withUnencryptedCookie(TriedOrder::COOKIE, '');
        self::assertSame(0, DB::table('tried_orders')->count());
    }

    private function weigh(): void
    {
        app()->call([new WeighTrial($this->stall->id), 'handle']);
    }

    /** Orders of one half that were paid, each a minute after the other. */
    private function paid(Trial $trial, int $count, bool $second = true): void
    {
        $variant = $this->world->inWindow($this->stall, Items::item([Items::variant('z'.$count)], 'Z', id: 'z'.$count))
            ->variants()
            ->firstOrFail();
        for ($n = 0; $n < $count; $n++) {
            TriedOrder::query()->create([
                'order_id' => $this->world->order($this->stall, $variant, 1, Carbon::now()),
                'stall_id' => $this->stall->id,
                'trial_id' => $trial->id,
                'second' => $second,
                'paid_at' => now()->addMinutes(TriedOrder::query()->count()),
                'keep_minor' => 500,
            ]);
        }
    }

    /** @return list<string> what the galley says of it */
    private function words(): array
    {
        return $this->pageProps($this->get(route('window', $this->stall)))['galley']['trial']['words'];
    }

    private function front(): string
    {
        return (string) $this->get($this->stall->shopAddress('/'))->assertOk()->getContent();
    }

    /** @return array<string, mixed> */
    private function story(string $id, string $words, string $half = ''): array
    {
        return [
            'id' => $id,
            'kind' => 'story',
            'settings' => ['words' => $words],
            'showing' => ['hidden' => false, 'on' => 'both', 'from' => '', 'until' => '', 'half' => $half],
        ];
    }

    /** @param  list<array<string, mixed>>  $sections */
    private function publish(array $sections): void
    {
        $window = Window::query()->findOrFail($this->stall->id);
        $content = $window->workingContent()->toArray();
        $always = array_filter($content['sections'], static fn (array $s): bool => in_array($s['kind'], ['masthead', 'foot'], true));
        $this->putJson(route('window.save', $this->stall), [
            'version' => $window->version,
            'look' => $content['look'],
            'sections' => [...array_values(array_filter($always, static fn ($s) => $s['kind'] === 'masthead')), ...$sections,
                ...array_values(array_filter($always, static fn ($s) => $s['kind'] === 'foot'))],
        ])->assertOk();
        $this->postJson(route('window.publish', $this->stall))->assertOk();
    }
}
