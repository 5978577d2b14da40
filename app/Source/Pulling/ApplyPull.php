<?php

declare(strict_types=1);

namespace WindowStall\Source\Pulling;

use Illuminate\Support\Facades\DB;
use WindowStall\Runs\Run;
use WindowStall\Source\Connectors\SupplierTrouble;
use WindowStall\Source\Events\CatalogueRead;
use WindowStall\Source\Events\SupplierSaidMore;
use WindowStall\Source\Finding\LearnWords;
use WindowStall\Source\Landing\DeliveryQuotes;
use WindowStall\Source\Landing\LandItems;
use WindowStall\Source\SupplierConnection;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\CostSheet;

/**
 * Works in what a pull brought: delivery and landed cost, the words one searches by, and what listings show. Only goods
 * of which something was said, unless delivery, duty or rates moved; what a pull that broke off left over is done by
 * the next.
 */
final readonly class ApplyPull
{
    /** Of the goods, one in so many has to have come or gone before tables are analysed. */
    private const MUCH = 20;

    /** As two texts: there may be very many of them. */
    private const DELIVERIES = <<<'SQL'
        SELECT string_agg(variant.id::text, ',' ORDER BY variant.id) AS ids,
               string_agg(variant.first_minor::text, ',' ORDER BY variant.id) AS costs
        FROM supplier_variants AS variant
        JOIN supplier_items AS item ON item.id = variant.supplier_item_id
        WHERE item.connection_id = ?
          AND item.gone_at IS NULL
          AND variant.first_minor IS NOT NULL
          AND EXISTS (
              SELECT 1
              FROM listing_variants AS sold
              WHERE sold.selling_id = variant.id
          )
        SQL;

    public function __construct(
        private DeliveryQuotes $quotes,
        private LandItems $land,
        private LearnWords $learn,
    ) {
    }

    /**
     * @param  bool  $landed  whether its goods were landed as they were stored, which the first are
     *
     * @throws SupplierTrouble
     */
    public function __invoke(Run $run, SupplierConnection $connection, bool $landed = false): void
    {
        /** @var Stall $stall */
        $stall = $connection->stall;
        $goods = (int) $run->total;
        $by = self::landedBy($stall, $connection);
        $before = $landed ? $this->landTheRest($stall, $connection) : $this->land($run, $stall, $connection, $by);
        $moved = ($run->counts['new'] ?? 0) + ($run->counts['gone'] ?? 0);
        if ($before !== null || Unsettled::renamed($connection)) {
            ($this->learn)($stall);
        }
        if ($moved * self::MUCH > $goods) {
            // So much may have come in that the planner would think the tables empty.
            DB::select('SELECT analyse_finding()');
        }
        event(new CatalogueRead($connection));
        $run->update(['doing' => 'Bringing listings up to date']);
        $unsettled = Unsettled::of($connection);
        event(new SupplierSaidMore($connection, $run, landedAnew: $before !== null, deliveryWas: $before ?? []));
        Unsettled::settle($unsettled);
        $connection->update([
            // Only now: where it broke off before, all of it is done again.
            'landed_by' => $by,
            'pulled_at' => now(),
            'trouble' => null,
            'failures' => 0,
            'next_pull_at' => $connection->schedule->next(now(), 0, $connection->id % 50),
        ]);
    }

    /** @return array<int, int>|null where all its goods were landed anew, what delivery cost before; else null */
    private function land(Run $run, Stall $stall, SupplierConnection $connection, string $by): ?array
    {
        $run->update(['doing' => 'Asking what delivery costs', 'done' => 0]);
        $this->quotes->refresh($connection);
        $all = $connection->landed_by !== $by;
        $before = $all ? $this->deliveries($connection) : null;
        $run->update(['doing' => 'Working out delivery and landed cost', 'total' => $this->goods($connection, $all)]);
        $progress = function (int $done) use ($run): void {
            $run->stopIfCancelled();
            $run->update(['done' => $done]);
        };
        ($this->land)($stall, $connection, unsettled: ! $all, progress: $progress);

        return $before;
    }

    /**
     * Of the first goods only what was said twice over isn't landed yet.
     *
     * @return array<int, int> none were sold before
     */
    private function landTheRest(Stall $stall, SupplierConnection $connection): array
    {
        ($this->land)($stall, $connection, unsettled: true);

        return [];
    }

    /** What landed costs are made of besides goods and delivery: the same as long as none of it moved. */
    private static function landedBy(Stall $stall, SupplierConnection $connection): string
    {
        $sheet = CostSheet::of($stall);
        $markets = $stall->markets();
        $duty = array_map($sheet->duty(...), $markets);

        return md5(serialize([$markets, $duty, $sheet->rates(), $sheet->parcelOf($connection->id)]));
    }

    /**
     * @return array<int, int> the supplier's variant, of those that are sold → what delivery of one piece home costs
     */
    private function deliveries(SupplierConnection $connection): array
    {
        $row = DB::selectOne(self::DELIVERIES, [$connection->id]);
        $numbers = static fn (mixed $list): array => is_string($list) ? array_map(intval(...), explode(',', $list)) : [];

        return array_combine($numbers($row->ids), $numbers($row->costs));
    }

    private function goods(SupplierConnection $connection, bool $all): int
    {
        return $all
            ? SupplierItem::query()->where('connection_id', $connection->id)->whereNull('gone_at')->count()
            : Unsettled::count($connection);
    }
}
