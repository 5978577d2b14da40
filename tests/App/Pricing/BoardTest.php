<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Pricing;

use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingVariant;
use WindowStall\Bench\Patch\ListingPatch;
use WindowStall\Bench\Prices\Price;
use WindowStall\Bench\PutInWindow;
use WindowStall\Pricing\BoardQuery;
use WindowStall\Stall\OneStall;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;

/** What the price board finds, next to the same asked of every row in PHP. */
final class BoardTest extends AppTestCase
{
    private Stall $stall;

    /** @var list<Price>|null */
    private ?array $prices = null;

    /** @var array<int, ListingVariant>|null */
    private ?array $rows = null;

    protected function setUp(): void
    {
        parent::setUp();
        $this->stall = $this->world->stall();
        $own = $this->stall
            ->recipes()
            ->create([
                'name' => 'Dear',
                'position' => 1,
                'conditions' => ['cost_from' => '8.00'],
                'recipe' => [
                    'basis' => 'landed',
                    'steps' => [['factor' => '1.3']],
                    'ending' => null,
                    'floor' => ['margin' => '0.3'],
                    'cap' => null,
                ],
            ]);
        self::assertNotNull($own);
        foreach (
            ['Brass mister', 'Garden trowel', 'Trowel of 100% steel', 'Twine_holder', 'Zinc can'] as $n => $title
        ) {
            $this->world->listing(
                $this->stall,
                Items::item(
                    [
                        Items::variant("$n-a", 200 + 370 * $n),
                        Items::variant("$n-b", 1500 - 290 * $n, 3, 'CPR-02'),
                        Items::variant("$n-c", 640, 0, 'RED-03'),
                    ],
                    $title,
                    id: 'T-'.$n,
                ),
            );
        }
        [$first, $second] = Listing::of($this->stall)->orderBy('id')->get()->all();
        $variant = static fn (int $n): ListingVariant => $first->variants()->orderBy('id')->skip($n)->firstOrFail();
        $this->world->say($first, ListingPatch::none()->price([$variant(0)->id], $this->stall->money(450)));
        $variant(1)->update(['own_on' => false]);
        $variant(2)->update(['own_was_minor' => 9900]);
        app(PutInWindow::class)(
            $this->stall,
            Listing::of($this->stall)
                ->whereKey([$second->id, $first->id])
                ->get(),
        );
        app(\WindowStall\Pricing\PriceListings::class)($this->stall->unsetRelations());
        DB::table('prices')
            ->whereIn('listing_variant_id', $second->variants()->select('id'))
            ->update(['since' => now()->subDays(100)]);
    }

    public function test_every_way_of_asking_finds_counts_and_sorts_what_it_says(): void
    {
        $recipe = (string) $this->stall->recipes()->where('name', 'Dear')->value('id');
        $narrowings = [
            [],
            ['q' => 'trowel'],
            ['q' => 'TROWEL', 'state' => 'on_bench'],
            ['q' => '100%'],
            ['q' => 'e_h'],
            ['q' => 'sku-3'],
            ['q' => 'nothing of this name'],
            ['state' => 'in_window'],
            ['state' => 'on_bench'],
            ['recipe' => $recipe],
            ['recipe' => $recipe, 'state' => 'on_bench', 'q' => 'i'],
        ];
        $asked = 0;
        foreach ($narrowings as $narrowing) {
            foreach (['', ...array_keys(BoardQuery::CASES)] as $case) {
                $expected = $this->expected($narrowing, $case);
                foreach (array_keys(BoardQuery::SORTS) as $n => $sort) {
                    $down = $n % 2 === 1;
                    $query = ['case' => $case, 'sort' => ($down ? '-' : '').$sort, ...$narrowing];
                    $found = $this->look($query);
                    self::assertSame(
                        $this->sorted($expected, $sort, $down),
                        $found['ids'],
                        (string) json_encode($query),
                    );
                    self::assertSame(
                        [count($expected), count($this->expected($narrowing, ''))],
                        [$found['counts']['found'] ?? null, $found['counts']['all'] ?? null],
                        (string) json_encode($query),
                    );
                    $asked++;
                }
                self::assertSame(
                    count($this->expected($narrowing, $case === '' ? 'under' : $case)),
                    $found['counts'][$case === '' ? 'under' : $case] ?? null,
                );
            }
        }
        self::assertSame(11 * 7 * 10, $asked);
    }

    public function test_a_page_ends_where_the_next_begins(): void
    {
        $listing = $this->world->listing(
            $this->stall,
            Items::item(
                array_map(static fn (int $n) => Items::variant("m-$n", 300 + 7 * ($n % 20), 5, "C-$n"), range(1, 70)),
                'Many things',
                id: 'M-1',
            ),
        );
        foreach (['title', '-price', 'keep'] as $sort) {
            foreach ([[], ['q' => 'i']] as $narrowed) {
                $pages = array_map(
                    fn (int $page): array => $this->look(['sort' => $sort, 'page' => (string) $page, ...$narrowed])[
                        'ids'
                    ],
                    [1, 2, 3],
                );
                self::assertCount(BoardQuery::PAGE + 1, $pages[0], 'one more tells that there is more');
                self::assertSame($pages[0][BoardQuery::PAGE], $pages[1][0]);
                $all = [...array_slice($pages[0], 0, BoardQuery::PAGE), ...$pages[1]];
                self::assertSame($all, array_values(array_unique($all)));
                self::assertSame([], $pages[2]);
                self::assertSame([], array_diff($listing->variants()->pluck('id')->all(), $all));
            }
        }
    }

    public function test_put_in_another_order_the_same_page_comes_without_counting(): void
    {
        foreach (
            [
                ['sort' => '-keep'],
                ['sort' => 'margin', 'q' => 'trowel'],
                ['sort' => 'price', 'case' => 'parcel', 'state' => 'on_bench'],
            ] as $query
        ) {
            $asked = BoardQuery::of(Request::create('/', 'GET', $query), $this->stall);
            [$counted, $plain] = OneStall::within(
                $this->stall->id,
                fn (): array => [$asked->look($this->stall), $asked->look($this->stall, counted: false)],
            );
            self::assertArrayHasKey('parcel', $counted['counts'] ?? []);
            self::assertSame(array_key_exists('case', $query), $counted['ids'] === []);
            self::assertSame(['ids' => $counted['ids'], 'counts' => null], $plain);
        }
        $this->signIn();
        $version = (string) $this->get(route('pricing', $this->stall))
            ->assertInertia(fn ($page) => $page->has('board.counts.all')->has('markets'))
            ->viewData('page')['version'];
        $part = $this->getJson(route('pricing', [$this->stall, 'sort' => '-keep']), [
            'X-Inertia' => 'true',
            'X-Inertia-Version' => $version,
            'X-Inertia-Partial-Component' => 'pricing/BoardPage',
            'X-Inertia-Partial-Data' => 'board',
        ])->assertOk();
        self::assertNull($part->json('props.board.counts'));
        self::assertSame($this->look(['sort' => '-keep'])['ids'], array_column($part->json('props.board.rows'), 'id'));
        self::assertNull($part->json('props.markets'));
    }

    public function test_another_stalls_prices_are_nowhere(): void
    {
        $other = $this->world->stall();
        $this->world->listing($other, Items::item([Items::variant('x')], 'Brass mister', id: 'T-0'));
        self::assertCount(14, $this->look([])['ids']);
        self::assertCount(2, $this->look(['q' => 'mister'])['ids']);
        self::assertCount(
            1,
            OneStall::within(
                $other->id,
                fn (): array => BoardQuery::of(Request::create('/', 'GET', ['q' => 'mister']), $other)->look($other)[
                    'ids'
                ],
            ),
        );
    }

    /**
     * @param  array<string, string>  $query
     * @return array{ids: list<int>, counts: array<string, int>|null}
     */
    private function look(array $query): array
    {
        return OneStall::within(
            $this->stall->id,
            fn (): array => BoardQuery::of(Request::create('/', 'GET', $query), $this->stall)->look($this->stall),
        );
    }

    /**
     * @param  array<string, string>  $narrowing
     * @return list<Price>
     */
    private function expected(array $narrowing, string $case): array
    {
        $this->prices ??= array_values(
            Price::query()
                ->where('stall_id', $this->stall->id)
                ->where('market', 'GB')
                ->orderBy('listing_variant_id')
                ->get()
                ->all(),
        );
        $this->rows ??= ListingVariant::query()
            ->with(['listing', 'supplierVariant'])
            ->get()
            ->keyBy('id')
            ->all();

        return array_values(
            array_filter($this->prices, function (Price $p) use ($narrowing, $case): bool {
                $row = $this->rows[$p->listing_variant_id] ?? throw new \LogicException('A price without its variant.');
                $words = mb_strtolower($narrowing['q'] ?? '');

                return $row->own_on &&
                    (! isset($narrowing['q']) ||
                        str_contains(mb_strtolower((string) $row->listing?->shown_title), $words) ||
                        str_starts_with(mb_strtolower((string) $row->supplierVariant?->sku), $words)) &&
                    (! isset($narrowing['state']) || $row->listing?->state->value === $narrowing['state']) &&
                    (! isset($narrowing['recipe']) || $p->recipe_id === (int) $narrowing['recipe']) &&
                    match ($case) {
                        '' => true,
                        'under' => ($p->above_floor_minor ?? $p->keep_minor) < 0,
                        'parcel' => 2 * $p->delivery_minor > $p->landed_minor,
                        'still' => $p->since?->lt(now()->subDays(90)) ?? false,
                        'hand' => $p->priced_by->value === 'hand',
                        'cap' => $p->floor_over_cap,
                        default => $p->price_minor === null,
                    };
            }),
        );
    }

    /**
     * @param  list<Price>  $prices
     * @return list<int>
     */
    private function sorted(array $prices, string $sort, bool $down): array
    {
        $rows = $this->rows ?? [];
        $key = static function (Price $p) use ($sort, $rows): mixed {
            /** @var Listing $listing */
            $listing = $rows[$p->listing_variant_id]->listing;

            return match ($sort) {
                'title' => [$listing->shown_title, $listing->id],
                'was' => $rows[$p->listing_variant_id]->own_was_minor,
                'margin' => $p->margin_bp,
                'floor' => $p->above_floor_minor ?? $p->keep_minor,
                'since' => $p->since?->format('U.u'),
                default => $p->getAttribute($sort.'_minor'),
            };
        };
        usort($prices, static function (Price $a, Price $b) use ($key, $down): int {
            [$x, $y] = [$key($a), $key($b)];
            if ($x === null || $y === null) {
                return [$x === null, $a->listing_variant_id] <=> [$y === null, $b->listing_variant_id];
            }

            return ($down ? $y <=> $x : $x <=> $y) ?: $a->listing_variant_id <=> $b->listing_variant_id;
        });

        return array_map(static fn (Price $p): int => $p->listing_variant_id, $prices);
    }
}
