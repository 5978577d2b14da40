<?php

declare(strict_types=1);

namespace WindowStall\Pricing;

use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Events\ListingsChanged;
use WindowStall\Runs\Run;
use WindowStall\Stall\StalePages;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Support\Refusal;

/**
 * Changes a stall's costs, recipes or places in one step that can be taken back: how everything stood is written down before.
 */
final readonly class ChangePricing
{
    private const STALL = [
        'vat_bp',
        'tax_on_top',
        'flat_delivery_minor',
        'payment_fee_bp',
        'payment_fee_fixed_minor',
        'platform_fee_bp',
        'returns_bp',
        'advertising_minor',
        'handling_minor',
        'rate_tolerance_bp',
        'free_over_minor',
        'built_in_minor',
        'delivery_tax',
        'tax_rounding',
    ];

    private const RATES = ['id', 'stall_id', 'from', 'rate', 'cushion_bp', 'day', 'typed'];

    private const MARKETS = [
        'stall_id',
        'market',
        'prices',
        'currency',
        'ending',
        'duty_bp',
        'duty_on',
        'tax_bp',
        'tax_on_top',
        'charged_minor',
        'sold',
        'delivery_tax',
        'tax_rounding',
        'reverse_charge',
        'tax_threshold_minor',
    ];

    /** Of markets in steps that were done before these columns were there. */
    private const UNSAID = [
        'sold' => true,
        'delivery_tax' => 'shared',
        'tax_rounding' => 'order',
        'reverse_charge' => false,
        'tax_threshold_minor' => null,
    ];

    private const TAX_RATES = [
        'id', 'stall_id', 'country', 'parts', 'postcodes', 'class', 'rate_millionths', 'from_day', 'source', 'turned',
    ];

    private const TAX_CLASSES = ['stall_id', 'by', 'value', 'class'];

    private const PLACES = ['id', 'stall_id', 'position', 'name', 'covers', 'ways', 'rules'];

    private const RECIPES = ['id', 'stall_id', 'name', 'position', 'conditions', 'recipe'];

    public function __construct(private Reprice $reprice)
    {
    }

    /**
     * @param  callable(): void  $do
     * @param  PricingChange|null  $trial  the trial that this applies
     * @return array{PricingChange, Run|null} the step, and the run that prices everything again where there is much of
     *     it
     */
    public function __invoke(Stall $stall, ?User $by, string $words, callable $do, ?PricingChange $trial = null): array
    {
        $change = DB::transaction(function () use ($stall, $by, $words, $do, $trial): PricingChange {
            Stall::query()->whereKey($stall->id)->lockForUpdate()->first();
            $before = $this->snapshot($stall);
            $do();
            // What is said of delivery and tax stands on every page; prices tell of themselves.
            StalePages::frame($stall);
            $change = $trial ?? new PricingChange(['stall_id' => $stall->id]);
            $change
                ->fill([
                    'user_id' => $by?->id,
                    'words' => mb_substr($words, 0, 200),
                    'before' => $before,
                    'applied_at' => now(),
                ])
                ->save();

            return $change;
        });

        return [
            $change,
            $this->settle($stall, $by, $change->before ?? throw new \LogicException('It was just written.')),
        ];
    }

    /** @throws Refusal when it was taken back already, or something was changed since */
    public function undo(Stall $stall, ?User $by, PricingChange $change): ?Run
    {
        $now = DB::transaction(function () use ($stall, $change): array {
            Stall::query()->whereKey($stall->id)->lockForUpdate()->first();
            $change->refresh();
            $later = PricingChange::query()
                ->where('stall_id', $stall->id)
                ->whereRaw('(applied_at, id) > (?, ?)', [$change->applied_at, $change->id])
                ->whereNull('undone_at')
                ->latest('applied_at')
                ->first();
            match (true) {
                $change->before === null => throw new Refusal('That was never applied.'),
                $change->undone_at !== null => throw new Refusal('That was taken back already.'),
                $later !== null => throw new Refusal(
                    sprintf('Something was changed since (%s). Take that back first.', $later->words),
                ),
                default => null,
            };
            $now = $this->snapshot($stall);
            $this->put($stall, $change->before);
            StalePages::frame($stall);
            $change->update(['undone_at' => now()]);

            return $now;
        });

        return $this->settle($stall, $by, $now);
    }

    /**
     * Prices everything again, and works landed costs out anew where what they are made of changed.
     *
     * @param  array{
     *     stall: array<string, mixed>, rates: list<array<string, mixed>>, markets: list<array<string, mixed>>,
     *     recipes: list<array<string, mixed>>, places?: list<array<string, mixed>>,
     *     taxes?: list<array<string, mixed>>, classes?: list<array<string, mixed>>,
     * }  $before
     */
    private function settle(Stall $stall, ?User $by, array $before): ?Run
    {
        $stall->refresh()->unsetRelations();
        $now = $this->snapshot($stall);
        $duty = static fn (array $s): array => array_map(
            static fn (array $m): array => [$m['market'], $m['duty_bp'], $m['duty_on']],
            $s['markets'],
        );
        $sold = static fn (array $s): array => array_column(
            array_filter($s['markets'], static fn (array $m): bool => (bool) $m['sold']),
            'market',
        );
        if ($sold($before) !== $sold($now)) {
            // Goods come to a market's shelves, or leave them, with prices that stood there already.
            event(new ListingsChanged($stall, null));
        }
        $landing =
            $before['stall']['handling_minor'] !== $now['stall']['handling_minor'] ||
            $before['rates'] != $now['rates'] ||
            $duty($before) !== $duty($now);

        return ($this->reprice)($stall, $by, $landing);
    }

    /**
     * @return array{
     *     stall: array<string, mixed>, rates: list<array<string, mixed>>, markets: list<array<string, mixed>>,
     *     recipes: list<array<string, mixed>>, places?: list<array<string, mixed>>,
     *     taxes?: list<array<string, mixed>>, classes?: list<array<string, mixed>>,
     * }
     */
    private function snapshot(Stall $stall): array
    {
        $rows = static fn (string $table, array $columns, string $by): array => array_values(
            array_map(
                static fn (\stdClass $r): array => (array) $r,
                DB::table($table)->where('stall_id', $stall->id)->select($columns)->orderBy($by)->get()->all(),
            ),
        );

        return [
            'stall' => (array) DB::table('stalls')->where('id', $stall->id)->select(self::STALL)->first(),
            'rates' => $rows('exchange_rates', self::RATES, 'from'),
            'markets' => $rows('markets', self::MARKETS, 'market'),
            'recipes' => $rows('price_recipes', self::RECIPES, 'position'),
            'places' => $rows('places', self::PLACES, 'position'),
            'taxes' => $rows('tax_rates', self::TAX_RATES, 'id'),
            'classes' => $rows('tax_classes', self::TAX_CLASSES, 'value'),
        ];
    }

    /**
     * @param  array{
     *     stall: array<string, mixed>, rates: list<array<string, mixed>>, markets: list<array<string, mixed>>,
     *     recipes: list<array<string, mixed>>, places?: list<array<string, mixed>>,
     *     taxes?: list<array<string, mixed>>, classes?: list<array<string, mixed>>,
     * }  $before
     */
    private function put(Stall $stall, array $before): void
    {
        DB::table('stalls')->where('id', $stall->id)->update($before['stall']);
        DB::table('exchange_rates')->upsert(
            $before['rates'],
            ['stall_id', 'from'],
            ['rate', 'cushion_bp', 'day', 'typed'],
        );
        $markets = array_map(static fn (array $m): array => $m + self::UNSAID, $before['markets']);
        DB::table('markets')->upsert($markets, ['stall_id', 'market'], array_slice(self::MARKETS, 2));
        DB::table('price_recipes')
            ->where('stall_id', $stall->id)
            ->whereNotIn('id', array_column($before['recipes'], 'id'))
            ->delete();
        DB::table('price_recipes')->upsert($before['recipes'], ['id'], ['name', 'position', 'conditions', 'recipe']);
        foreach (['places' => 'places', 'taxes' => 'tax_rates', 'classes' => 'tax_classes'] as $part => $table) {
            if (isset($before[$part])) {
                DB::table($table)->where('stall_id', $stall->id)->delete();
                DB::table($table)->insert($before[$part]);
            }
        }
    }
}
