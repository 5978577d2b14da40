<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Window;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use WindowStall\Bench\Events\ListingsChanged;
use WindowStall\Bench\Listing;
use WindowStall\Offers\Code;
use WindowStall\Shelves\FillShelves;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;
use WindowStall\Window\Goods\WindowGoods;
use WindowStall\Window\Window;

/** Corner tags by the stall's rules, and a countdown to nothing but the true end of an offer. */
final class CornerTagsTest extends AppTestCase
{
    private Stall $stall;

    private Listing $trowel;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
        $this->stall = $this->world->stall();
        $this->trowel = $this->world->inWindow($this->stall, Items::item([Items::variant('a', 900, 2)], 'Ash trowel', id: 'a'));
    }

    public function test_without_rules_nothing_is_said_and_with_them_the_first_that_holds(): void
    {
        $home = $this->stall->shopAddress('/goods');
        $this->get($home)->assertDontSee('class="tag"', false);
        $this->say(['new' => 14, 'few' => 3])->assertOk()
            ->assertJsonPath('rules.0.kind', 'new')
            ->assertJsonPath('rules.0.stands', 'Now on 1 of 1 thing.')
            ->assertJsonPath('rules.1.stands', 'Now on 0 of 1 thing.');
        $this->get($home)->assertSee('class="tag"', false)->assertSee('New')->assertDontSee('Only 2 left');
        $this->say(['few' => 3, 'new' => 14])->assertOk();
        $this->get($home)->assertSee('Only 2 left');
        $this->get($this->stall->shopAddress('/goods/'.$this->trowel->slug))->assertSee('class="tag"', false);
        self::assertSame('Only 2 left', WindowGoods::of($this->stall->refresh())->only([$this->trowel->id])[0]->tag->words);
    }

    public function test_pages_are_made_anew_when_new_is_over(): void
    {
        $this->say(['new' => 14])->assertOk();
        $ends = Carbon::parse((string) DB::table('goods_facts')->where('listing_id', $this->trowel->id)->value('shown_since'))->addDays(14);
        $turns = Window::query()->findOrFail($this->stall->id)->turns_at;
        self::assertEquals($ends->timestamp, $turns?->timestamp);
        Carbon::setTestNow($ends);
        self::assertSame('', WindowGoods::of($this->stall->refresh())->only([$this->trowel->id])[0]->tag->words);
    }

    public function test_back_again_is_noted_once_sold_out_goods_have_stock(): void
    {
        $this->say(['back' => 10])->assertOk();
        $tag = fn (): string => WindowGoods::of($this->stall->refresh())->only([$this->trowel->id])[0]->tag->words;
        self::assertSame('', $tag());
        $this->stocked(0);
        self::assertSame('', $tag(), 'what is sold out has no tag of the rules');
        $this->stocked(6);
        self::assertSame('Back again', $tag());
    }

    public function test_by_friday_comes_with_the_spells_in_which_it_is_true(): void
    {
        // A Monday; three to six working days are never there by Friday, one to two are.
        Carbon::setTestNow('2026-11-30 09:00');
        $this->say(['by_day' => 5])->assertOk();
        $card = fn () => WindowGoods::of($this->stall->refresh())->only([$this->trowel->id])[0]->tag;
        self::assertSame([], $card()->spells);
        DB::table('goods_facts')->where('listing_id', $this->trowel->id)->update(['days_min' => 1, 'days_max' => 2]);
        $tag = $card();
        self::assertSame(['', 'With you by Friday'], [$tag->words, $tag->dated]);
        $monday = Carbon::parse('2026-11-30', $this->stall->zone)->timestamp;
        self::assertSame($monday, $tag->spells[0][0]);
        foreach ($tag->spells as [$from, $until]) {
            self::assertLessThan($until, $from);
            self::assertNotSame('Friday', Carbon::createFromTimestamp($from, $this->stall->zone)->dayName, 'on Friday it is too late');
        }
        $this->get($this->stall->shopAddress('/goods'))->assertSee('data-tag="With you by Friday"', false);
    }

    public function test_what_was_typed_wrong_is_refused(): void
    {
        $this->say(['few' => 21])->assertUnprocessable()->assertJsonPath('message', 'This number is between 1 and 20.');
        $this->putJson(route('window.corner-tags', $this->stall), ['rules' => [['kind' => 'best', 'on' => true, 'number' => 1]]])
            ->assertUnprocessable();
        self::assertSame([], $this->stall->refresh()->corner_tags);
    }

    public function test_a_notice_counts_down_to_the_end_of_a_running_code_and_to_nothing_else(): void
    {
        $code = Code::query()->create([
            'stall_id' => $this->stall->id,
            'code' => 'SPRING',
            'reduction' => ['by' => 'percent', 'percent' => '10'],
            'holds' => ['by' => 'all'],
            'countries' => [],
            'ends_at' => now()->addDays(3),
        ]);
        $window = Window::query()->findOrFail($this->stall->id);
        $content = $window->workingContent()->toArray();
        $content['sections'] = array_values(array_filter($content['sections'], static fn (array $s): bool => $s['kind'] !== 'notice'));
        $content['sections'][] = ['id' => 'notice', 'kind' => 'notice', 'settings' => [
            'messages' => [['words' => 'Ten per cent off', 'code' => 'spring']],
        ]];
        $this->putJson(route('window.save', $this->stall), ['version' => $window->version] + $content)->assertOk();
        $this->postJson(route('window.publish', $this->stall))->assertOk();
        $home = $this->stall->shopAddress('/');
        $this->get($home)->assertSee('data-ends', false)->assertSee('{time} left');
        $code->update(['ends_at' => null]);
        $this->get($home)->assertSee('Ten per cent off')->assertDontSee('data-ends', false);
    }

    /**
     * @param  array<string, int>  $rules  that are on, in their order
     * @return TestResponse<Response>
     */
    private function say(array $rules): TestResponse
    {
        return $this->putJson(route('window.corner-tags', $this->stall), ['rules' => array_map(
            static fn (string $kind, int $number): array => ['kind' => $kind, 'on' => true, 'number' => $number],
            array_keys($rules),
            $rules,
        )]);
    }

    private function stocked(int $pieces): void
    {
        DB::table('supplier_variants')->where('stall_id', $this->stall->id)->update(['stock' => $pieces]);
        event(new ListingsChanged($this->stall, [$this->trowel->id]));
        app(FillShelves::class)($this->stall);
    }
}
