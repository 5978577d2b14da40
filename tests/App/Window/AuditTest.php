<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Window;

use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;
use WindowStall\Window\Content;
use WindowStall\Window\DressWindow;
use WindowStall\Window\Window;

/** The phone audit against real sections: what was measured, what is known, and what was waved away. */
final class AuditTest extends AppTestCase
{
    private Stall $stall;

    private Listing $sold;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
        $this->stall = $this->world->stall();
        $this->world->inWindow($this->stall);
        $this->sold = $this->world->inWindow($this->stall, Items::item([Items::variant('gone')], 'Gone', id: 'gone'));
        DB::table('supplier_variants')
            ->where('supplier_item_id', $this->sold->supplier_item_id)
            ->update(['stock' => 0]);
        $look = Window::of($this->stall)->firstOrFail()->workingContent()->look->toArray();
        app(DressWindow::class)->save(
            $this->stall,
            Content::from([
                'look' => $look,
                'sections' => [
                    [
                        'id' => 'n',
                        'kind' => 'notice',
                        'settings' => ['messages' => [['words' => 'With you in 1 to 2 days']]],
                    ],
                    [
                        'id' => 'm',
                        'kind' => 'masthead',
                        'settings' => ['menu' => [['words' => 'Gifts', 'leads' => 'tag:gone']]],
                    ],
                    [
                        'id' => 'row',
                        'kind' => 'goods',
                        'settings' => ['which' => 'chosen', 'count' => '4', 'listings' => [$this->sold->id]],
                    ],
                    [
                        'id' => 'w',
                        'kind' => 'words',
                        'settings' => ['words' => '1 to 2 days'],
                        'showing' => ['hidden' => true],
                    ],
                ],
            ]),
            1,
        );
    }

    public function test_each_finding_is_in_the_margin_where_it_belongs(): void
    {
        $found = $this->audit();
        self::assertSame(
            [
                'n' => 'It says “1 to 2 days”; the slowest you show takes 6 days.',
                'm' => '“Gifts” leads nowhere any more.',
                'row' => '1 of the 1 goods shown here can’t be bought.',
            ],
            array_column($found, 'words', 'section'),
        );
        self::assertSame(
            ['take-out', 'menu', 0],
            [$found[1]['mend']['do'], $found[1]['mend']['field'], $found[1]['mend']['row']],
        );
    }

    public function test_what_is_waved_away_stays_away_until_it_is_something_else(): void
    {
        $key = $this->audit()[0]['key'];
        $this->postJson(route('window.audit.wave', $this->stall), ['key' => $key])->assertOk();
        self::assertSame(['m', 'row'], array_column($this->audit(), 'section'));
        DB::table('supplier_variants')
            ->where('stall_id', $this->stall->id)
            ->update(['days_max' => 24, 'stock' => 5]);
        self::assertContains('n', array_column($this->audit(), 'section'), 'a slower one is another finding');
        self::assertCount(3, [...$this->audit(), 1], 'sold out no more');
    }

    public function test_the_screen_of_the_ruler_is_that_of_the_rules(): void
    {
        self::assertStringContainsString(
            'SCREEN = '.\WindowStall\Core\Window\PhoneAudit::SCREEN.';',
            (string) file_get_contents(resource_path('js/window/Ruler.tsx')),
        );
    }

    /** @return list<array<string, mixed>> */
    private function audit(): array
    {
        $sections = array_map(
            static fn (string $id, int $top): array => ['id' => $id, 'top' => $top, 'height' => 100],
            ['n', 'm', 'row'],
            [0, 100, 200],
        );

        return $this->postJson(route('window.audit', $this->stall), [
            'measures' => ['sections' => $sections, 'goods' => [['id' => 'row', 'top' => 220, 'height' => 50]]],
        ])
            ->assertOk()
            ->assertJsonPath('figures.row', 'first thing to buy: in the first screen')
            ->json('findings');
    }
}
