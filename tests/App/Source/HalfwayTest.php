<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Source;

use Illuminate\Http\Client\ConnectionException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Sleep;
use PHPUnit\Framework\Attributes\DataProvider;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunState;
use WindowStall\Source\Pulling\StartPull;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;

/** A catalogue that comes in pages, one of which is strange: nothing of it is used, or all of it once. */
final class HalfwayTest extends AppTestCase
{
    private Stall $stall;

    protected function setUp(): void
    {
        parent::setUp();
        Sleep::fake();
        $this->stall = $this->world->stall();
        $this->pull([self::page(['A', 'B'], 'B'), self::page(['C'], null)]);
        self::assertSame(3, SupplierItem::of($this->stall)->count());
    }

    /** @return iterable<string, array{mixed, RunState}> what the second of two pages is, and how the pull ends */
    public static function second(): iterable
    {
        yield 'trouble of its own' => [['', 500], RunState::Failed];
        yield 'a cursor that expired' => [['{"error": "That cursor expired."}', 410], RunState::Failed];
        yield 'half a page' => [['{"items": [{"code": "C", "ti', 200], RunState::Failed];
        yield 'a web page' => [['<html>busy</html>', 200], RunState::Failed];
        yield 'nobody' => [null, RunState::Failed];
        yield 'the first page again' => [[self::page(['A', 'B'], null, 600), 200], RunState::Done];
    }

    /** @param  array{mixed, int}|null  $second */
    #[DataProvider('second')]
    public function test_a_page_that_is_strange(?array $second, RunState $ends): void
    {
        $before = $this->left();
        $run = $this->pull([self::page(['A', 'B'], 'B', 600), $second]);
        self::assertSame($ends, $run->state, (string) $run->trouble);
        if ($ends === RunState::Failed) {
            self::assertSame($before, $this->left(), 'nothing of the first page was used');
            $run = $this->pull([self::page(['A', 'B'], 'B', 600), self::page(['C'], null)]);
            self::assertSame(RunState::Done, $run->state, 'and the next pull brings all of it');
            self::assertSame([600, 600, 540], $this->costs());

            return;
        }
        self::assertSame([600, 600], array_slice($this->costs(), 0, 2), 'once, however often it came');
    }

    public function test_what_a_first_catalogue_says_twice_counts_as_said_last_and_is_landed_by_that(): void
    {
        $this->stall = $this->world->stall();
        $run = $this->pull([self::page(['A', 'B'], 'B'), self::page(['B', 'C'], null, 600)]);
        self::assertEquals(['new' => 3, 'changed' => 1, 'same' => 0, 'gone' => 0], $run->counts);
        self::assertSame([540, 600, 600], $this->costs());
        $landed = array_map(static fn (string $row): int => json_decode($row)->landed_minor, $this->left());
        self::assertSame($landed[2], $landed[1]);
        self::assertGreaterThan($landed[0], $landed[1]);
        self::assertSame(0, DB::table('unsettled_items')->count());
        self::assertSame(3, DB::table('item_landings')->where('stall_id', $this->stall->id)->count());
    }

    /** @param  list<mixed>  $pages  bodies, or body and status, or null where nobody answers */
    private function pull(array $pages): Run
    {
        Http::swap(new \Illuminate\Http\Client\Factory());
        Http::fake([
            '*/v1/items*' => static function ($asked) use (&$pages) {
                $page = count($pages) > 1 ? array_shift($pages) : $pages[0];
                if ($page === null) {
                    throw new ConnectionException('cURL error 28: Operation timed out');
                }

                return array_is_list($page) && count($page) === 2 ? Http::response(...$page) : Http::response($page);
            },
            '*/v1/quotes' => static fn ($asked) => Http::response([
                'quotes' => array_fill(0, count($asked->data()['parcels']), [
                    ['method' => 'Economy', 'price' => 237, 'days' => [2, 4]],
                ]),
            ]),
        ]);

        return app(StartPull::class)($this->world->connection($this->stall), null)->refresh();
    }

    /**
     * @param  list<string>  $codes
     * @return array<string, mixed>
     */
    private static function page(array $codes, ?string $next, int $cost = 540): array
    {
        return [
            'next' => $next,
            'total' => 3,
            'items' => array_map(
                static fn (string $code): array => [
                    'code' => $code,
                    'title' => 'Trowel '.$code,
                    'description' => '',
                    'category' => 'Hand tools',
                    'pictures' => [],
                    'currency' => 'USD',
                    'processing_days' => [1, 2],
                    'rating' => null,
                    'variants' => [
                        [
                            'id' => $code.'-1',
                            'sku' => $code.'-1',
                            'barcode' => null,
                            'options' => [],
                            'cost' => $cost,
                            'rrp' => null,
                            'grams' => 300,
                            'stock' => ['GB' => 12],
                            'picture' => null,
                        ],
                    ],
                ],
                $codes,
            ),
        ];
    }

    /** @return list<int> */
    private function costs(): array
    {
        return array_values(
            array_map(
                intval(...),
                DB::table('supplier_variants')
                    ->where('stall_id', $this->stall->id)
                    ->orderBy('external_id')
                    ->pluck('cost_minor')
                    ->all(),
            ),
        );
    }

    /** @return list<string> */
    private function left(): array
    {
        $rows = DB::select(
            'SELECT i.external_id, i.words_id, i.gone_at, v.cost_minor, v.stock, v.landed_minor
            FROM supplier_items i JOIN supplier_variants v ON v.supplier_item_id = i.id WHERE i.stall_id = ? ORDER BY 1',
            [$this->stall->id],
        );

        return array_values(array_map(static fn (\stdClass $row): string => (string) json_encode($row), $rows));
    }
}
