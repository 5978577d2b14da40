<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Bench;

use Illuminate\Support\Facades\DB;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\Prices\Price;
use WindowStall\Core\Bench\MayBeSold;
use WindowStall\Frame\Views\FrameView;
use WindowStall\Tests\App\AppTestCase;

/** The rule of what may be sold in SQL and in core are one. */
final class MayBeSoldTest extends AppTestCase
{
    private const MONEY = [null, -40_000_000_000, -300, -1, 0, 1, 300, 40_000_000_000];

    public function test_the_database_judges_as_core_does(): void
    {
        DB::statement('CREATE TEMP TABLE judged (LIKE prices INCLUDING GENERATED) ON COMMIT DROP');
        $cases = [];
        foreach (self::MONEY as $above) {
            foreach (self::MONEY as $keep) {
                foreach (self::MONEY as $price) {
                    $cases[] = [$above, $keep, $price];
                }
            }
        }
        foreach (array_chunk($cases, 64, true) as $some) {
            DB::table('judged')->insert(array_map(static fn (array $case, int $n): array => [
                'listing_variant_id' => $n,
                'stall_id' => 1,
                'market' => 'GB',
                'currency' => 'GBP',
                'priced_by' => 'recipe',
                'floor_over_cap' => false,
                'offered' => true,
                'above_floor_minor' => $case[0],
                'keep_minor' => $case[1],
                'price_minor' => $case[2],
            ], $some, array_keys($some)));
        }
        $rows = DB::select(<<<'SQL'
            SELECT above_floor_minor, keep_minor, price_minor, under_floor, switched_on, knowingly,
                   may_be_offered(switched_on, price_minor, under_floor, knowingly) AS offered
            FROM judged
            CROSS JOIN (VALUES (true), (false)) AS switch (switched_on)
            CROSS JOIN (VALUES (true), (false)) AS said (knowingly)
            SQL);
        self::assertCount(2_048, $rows);
        foreach ($rows as $row) {
            $under = MayBeSold::isUnderFloor($row->above_floor_minor, $row->keep_minor);
            self::assertSame(
                [$under, MayBeSold::isOffered($row->switched_on, $row->price_minor, $under, $row->knowingly)],
                [$row->under_floor, $row->offered],
                (string) json_encode($row),
            );
        }
    }

    public function test_what_loses_money_and_has_no_floor_is_held_back_counted_and_said_everywhere_alike(): void
    {
        $user = $this->signIn();
        $stall = $this->world->stall($user);
        $listing = $this->world->inWindow($stall);
        $variants = $listing->variants()->pluck('id')->all();
        self::assertSame(0, FrameView::of($user, $stall)->underFloor);

        Price::query()->whereIn('listing_variant_id', $variants)->update(['keep_minor' => -5, 'above_floor_minor' => null]);

        self::assertSame(count($variants), FrameView::of($user, $stall)->underFloor, 'the rail');
        $figures = ListingFigures::of($stall, $listing->refresh()->unsetRelations());
        self::assertSame([], array_filter($figures->variants, static fn ($v): bool => $v->offered()), 'the shop');
        self::assertSame(
            count($variants),
            DB::table('listing_variants')
                ->join('prices', 'prices.listing_variant_id', '=', 'listing_variants.id')
                ->whereIn('listing_variants.id', $variants)
                ->whereRaw('NOT may_be_offered(own_on, price_minor, under_floor, own_under_floor)')
                ->count(),
            'lists',
        );
    }

    public function test_the_variant_that_sells_is_the_one_that_stands_in_where_one_does(): void
    {
        $variant = $this->world->listing($this->world->stall())->variants()->firstOrFail();
        self::assertSame($variant->supplier_variant_id, (int) $variant->refresh()->getAttribute('selling_id'));
        $other = $variant->listing()->firstOrFail()->variants()->where('id', '!=', $variant->id)->firstOrFail();
        $variant->update(['sold_variant_id' => $other->supplier_variant_id]);
        self::assertSame($other->supplier_variant_id, (int) $variant->refresh()->getAttribute('selling_id'));
    }
}
