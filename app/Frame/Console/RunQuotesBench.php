<?php

declare(strict_types=1);

namespace WindowStall\Frame\Console;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use WindowStall\Core\Delivery\Places\Destination;
use WindowStall\Core\Words\Plural;
use WindowStall\Delivery\QuoteFigures;
use WindowStall\Delivery\ResolveDelivery;
use WindowStall\Delivery\SentGoods;
use WindowStall\Delivery\WantedLine;
use WindowStall\Delivery\WantedLines;
use WindowStall\Stall\Door;
use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;

/** Measures what a quote for a full basket takes, beside the one SELECT it is made of. */
final class RunQuotesBench extends Command
{
    protected $signature = 'bench:quotes {--times=300}';

    protected $description = 'Print what a quote for 20 lines takes in core and SQL together';

    private const LINES = 20;

    /** Variants in the window, as many of each supplier as there may be. */
    private const VARIANTS = <<<'SQL'
        SELECT variant.id
        FROM (
            SELECT variant.id, row_number() OVER (PARTITION BY item.connection_id ORDER BY variant.id) AS place
            FROM listing_variants AS variant
            JOIN listings AS listing ON listing.id = variant.listing_id
            JOIN prices AS price ON price.listing_variant_id = variant.id AND price.market = :home
            JOIN supplier_variants AS source ON source.id = variant.selling_id
            JOIN supplier_items AS item ON item.id = source.supplier_item_id
            WHERE listing.stall_id = :stall AND listing.state = 'in_window' AND price.offered AND source.available > 0
        ) AS variant
        ORDER BY variant.place, variant.id
        LIMIT :most
        SQL;

    public function handle(ResolveDelivery $resolve): int
    {
        $stall = Door::enter('quillet') ?? throw new Refusal('There is no demo to measure.');

        return $this->measure($stall, $resolve);
    }

    private function measure(Stall $stall, ResolveDelivery $resolve): int
    {
        $ids = DB::select(self::VARIANTS, ['home' => $stall->home_market, 'stall' => $stall->id, 'most' => self::LINES]);
        $asked = array_map(static fn (\stdClass $row): array => ['variant' => (int) $row->id, 'pieces' => 2], $ids);
        $lines = WantedLines::of($stall, array_values($asked)) ?? throw new Refusal('The window has changed meanwhile.');
        $to = new Destination('GB', null, 'AL4 7QT');
        $suppliers = count(array_unique(array_map(
            static fn ($goods): int => $goods->supplier,
            SentGoods::of($stall, $lines, $to->country),
        )));
        $select = $this->median(static fn () => SentGoods::of($stall, $lines, $to->country));
        $whole = $this->median(static function () use ($stall, $resolve, $lines, $to): void {
            // As a request has it: nothing of the stall's terms is read yet.
            $stall->unsetRelations();
            self::quote($stall, $resolve, $lines, $to);
        });
        $this->line(sprintf(
            'A quote for %d lines over %s to one address',
            count($lines),
            Plural::of($suppliers, 'supplier'),
        ));
        $this->line(sprintf('  %-44s %6.1f ms', 'in core and SQL together, median', $whole));
        $this->line(sprintf('  %-44s %6.1f ms', 'the SELECT of the same rows, read', $select));
        $this->line(sprintf('  %-44s %6.1f', 'times that', $whole / $select));

        return self::SUCCESS;
    }

    /** @param  list<WantedLine>  $lines */
    private static function quote(Stall $stall, ResolveDelivery $resolve, array $lines, Destination $to): void
    {
        $asked = $resolve($stall, $lines, $to);
        foreach ($asked->resolution->ways as $way) {
            QuoteFigures::of($stall, $asked->goods, $way, $to->country);
        }
    }

    /**
     * @param  callable(): mixed  $do
     * @return float milliseconds
     */
    private function median(callable $do): float
    {
        $took = [];
        for ($n = 0; $n < (int) $this->option('times') + 20; $n++) {
            $began = hrtime(true);
            $do();
            // The first ones warm up.
            if ($n >= 20) {
                $took[] = (hrtime(true) - $began) / 1e6;
            }
        }
        sort($took);

        return $took[intdiv(count($took), 2)];
    }
}
