<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Source;

use Illuminate\Support\Facades\Http;
use Illuminate\Support\Facades\Queue;
use WindowStall\Bench\Listing;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunState;
use WindowStall\Source\Jobs\PullCatalogue;
use WindowStall\Source\Jobs\PullDue;
use WindowStall\Source\Jobs\PullMoving;
use WindowStall\Source\SupplierConnection;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;

/** Stock and cost of what is sold are asked for more often than the rest, and weighed all the same. */
final class MovingTest extends AppTestCase
{
    private Stall $stall;

    private SupplierConnection $supplier;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
        $this->stall = $this->world->stall();
        $this->world->inWindow($this->stall);
        $this->supplier = $this->world->connection($this->stall);
    }

    public function test_only_what_moves_is_taken_over_and_followed_by_the_rules(): void
    {
        $before = $this->price();
        $this->say([
            'a' => ['cost' => 590, 'stock' => ['GB' => 2, 'DE' => 1]],
            'b' => ['cost' => 620, 'stock' => ['GB' => 0]],
        ]);
        self::assertSame([590, 3], [$this->variant('a')->cost_minor, $this->variant('a')->stock]);
        self::assertSame(0, $this->variant('b')->stock);
        self::assertGreaterThan($before, $this->price());
        self::assertSame('Garden Trowel NEW', SupplierItem::of($this->stall)->sole()->title, 'the rest is as it was said');
        self::assertEqualsCanonicalizing(
            ['cost', 'sold_out'],
            \WindowStall\Drift\DriftChange::query()->pluck('kind')->map(fn ($k) => $k->value)->all(),
        );
        $words = SupplierItem::of($this->stall)->sole()->words_id;
        $this->say([
            'a' => ['cost' => 590, 'stock' => ['GB' => 2, 'DE' => 1]],
            'b' => ['cost' => 620, 'stock' => ['GB' => 0]],
        ]);
        self::assertSame($words, SupplierItem::of($this->stall)->sole()->words_id, 'the same again is nothing');
    }

    public function test_what_is_amiss_is_left_to_the_whole_pull(): void
    {
        $many = array_map(static fn (int $n) => Items::variant('m'.$n, 500 + $n), range(1, 6));
        $this->world->inWindow($this->stall, Items::item($many, 'Many', id: 'T-6'));
        Queue::fake([PullCatalogue::class]);
        $this->say(
            array_combine(
                array_map(static fn (int $n): string => 'm'.$n, range(1, 6)),
                array_map(
                    static fn (int $n): array => ['cost' => (500 + $n) * 100, 'stock' => ['GB' => 12]],
                    range(1, 6),
                ),
            ),
        );
        self::assertSame(501, $this->variant('m1')->cost_minor, 'nothing of it was used');
        Queue::assertPushed(PullCatalogue::class, 1);
    }

    public function test_it_comes_due_by_its_own_clock_and_not_beside_a_pull(): void
    {
        $this->patch(route('source.supplier.update', [$this->stall, $this->supplier]), [
            'moving' => 15,
        ])->assertSessionHasNoErrors();
        $this->patch(route('source.supplier.update', [$this->stall, $this->supplier]), [
            'moving' => 7,
        ])->assertSessionHasErrors();
        Queue::fake([PullMoving::class]);
        (new PullDue())->handle(app(\WindowStall\Source\Pulling\StartPull::class));
        Queue::assertNotPushed(PullMoving::class);
        $this->travel(16)->minutes();
        (new PullDue())->handle(app(\WindowStall\Source\Pulling\StartPull::class));
        Queue::assertPushed(PullMoving::class, 1);
        self::assertTrue($this->supplier->refresh()->moving_next_at?->isFuture());
        Run::query()->create([
            'stall_id' => $this->stall->id,
            'connection_id' => $this->supplier->id,
            'state' => RunState::Running,
        ]);
        $this->say(['a' => ['cost' => 1, 'stock' => ['GB' => 0]]]);
        self::assertSame(540, $this->variant('a')->cost_minor);
    }

    /** @param  array<string, array{cost: int, stock: array<string, int>}>  $variants */
    private function say(array $variants): void
    {
        Http::fake([
            '*/v1/moving*' => Http::response(['variants' => $variants]),
            '*/v1/quotes' => static fn ($asked) => Http::response([
                'quotes' => array_fill(0, count($asked->data()['parcels']), [
                    ['method' => 'Economy', 'price' => 237, 'days' => [2, 4]],
                ]),
            ]),
        ]);
        app()->call([new PullMoving($this->supplier->id), 'handle']);
        Http::swap(new \Illuminate\Http\Client\Factory());
    }

    private function variant(string $id): \WindowStall\Source\SupplierVariant
    {
        return \WindowStall\Source\SupplierVariant::query()
            ->where('external_id', $id)
            ->whereHas('item', fn ($q) => $q->where('stall_id', $this->stall->id))
            ->sole();
    }

    private function price(): int
    {
        return (int) Listing::of($this->stall)
            ->orderBy('id')
            ->firstOrFail()
            ->variants()
            ->where('external_id', 'a')
            ->sole()
            ->priceIn('GB')?->price_minor;
    }
}
