<?php

declare(strict_types=1);

namespace WindowStall\Source;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Words\Plural;
use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;

/**
 * Ends a connection. Its listings are put by with all their words, so that reconnecting brings them back; its items
 * aren't found any more. While orders are still with the supplier it is refused: nobody could say what became of them.
 */
final readonly class Disconnect
{
    private const END_VARIANTS = <<<'SQL'
        UPDATE supplier_variants AS variant
        SET gone_at = now(), stock = 0
        FROM supplier_items AS item
        WHERE item.id = variant.supplier_item_id
          AND item.connection_id = ?
          AND variant.gone_at IS NULL
        SQL;

    public function __construct(private ListedGoods $listed, private OrdersUnderWay $orders)
    {
    }

    /** What would become of a stall's things, in one sentence for the person about to press. */
    public function foretell(Stall $stall, SupplierConnection $connection): string
    {
        ['shown' => $shown, 'all' => $all] = $this->listed->count($stall, $connection);

        return $all === 0
            ? 'No listing of yours comes from it.'
            : sprintf(
                '%s. %s with all your words, and come back if you connect it again.',
                $shown === 0
                    ? 'Nothing of it is in the window'
                    : sprintf('%d of its listings leave%s the window', $shown, $shown === 1 ? 's' : ''),
                $all === 1 ? 'Its one listing is put by' : sprintf('All %d are put by', $all),
            );
    }

    /** @throws Refusal */
    public function __invoke(Stall $stall, SupplierConnection $connection): int
    {
        $open = $this->orders->count($connection);
        if ($open > 0) {
            throw new Refusal(
                sprintf(
                    '%s still with %s. Pause it instead, and disconnect when everything is posted.',
                    Plural::of($open, 'order is', 'orders are'),
                    $connection->name,
                ),
            );
        }
        $put = DB::transaction(function () use ($stall, $connection): int {
            $put = $this->listed->putBy($stall, $connection);
            SupplierItem::query()
                ->where('connection_id', $connection->id)
                ->whereNull('gone_at')
                ->update(['gone_at' => now(), 'stock' => 0]);
            DB::table('item_landings')->where('connection_id', $connection->id)->delete();
            DB::update(self::END_VARIANTS, [$connection->id]);
            $connection->update([
                'disconnected_at' => now(),
                'next_pull_at' => null,
                'secrets' => ['key' => '', 'hook' => ''],
            ]);

            return $put;
        });

        return $put;
    }
}
