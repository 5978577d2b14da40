<?php

declare(strict_types=1);

namespace WindowStall\Counter\Sourcing;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use WindowStall\Core\Dispatch\Sourcing\Allocation;
use WindowStall\Core\Dispatch\Sourcing\Sharing;
use WindowStall\Core\Dispatch\Sourcing\SourcingPreference;
use WindowStall\Counter\Order;
use WindowStall\Counter\OrderLine;
use WindowStall\Counter\Reservations;
use WindowStall\Source\SupplierVariant;
use WindowStall\Stall\Stall;

/** Shares an order out by its stall's rule when it is paid, and says what the other ways would have come to. */
final class ShareOut
{
    /**
     * @param  Order  $order  with its stall
     * @param  Collection<int, OrderLine>  $lines
     */
    public static function try(Order $order, Collection $lines): Sharing
    {
        $stall = $order->stall ?? throw new \LogicException('An order is always of a stall.');
        $rule = SharingRule::of($stall);

        return Sharing::of(OrderSources::of($order, $lines), $rule->preferences, $stall->handling_minor, $rule->suppliers);
    }

    /** In the transaction that makes it paid, before its supplier orders are written. What can't be moved stays as it was sold. */
    public static function paid(Order $order): void
    {
        $stall = $order->stall;
        $lines = $order->lines()->get();
        // What goes along in a parcel has to come from where that is packed.
        if (! $stall instanceof Stall || $lines->isEmpty() || $order->joins_order_id !== null) {
            return;
        }
        $rule = SharingRule::of($stall);
        if ($rule->preferences === [SourcingPreference::AsSold] && ! self::hasOthers($lines)) {
            return;
        }
        $shared = self::try($order, $lines);
        if ($shared->best === null) {
            return;
        }
        foreach ($shared->best->sources as $id => $source) {
            $line = $lines->firstWhere('id', $id);
            if ($line !== null && self::take($line, $source->variant)) {
                $line->update(['supplier_variant_id' => $source->variant, 'warehouse' => $source->warehouse]);
            }
        }
        $order->update(['shared' => [
            'rule' => $rule->preferences[0]->value,
            'variants' => $shared->best->variants(),
            'others' => array_map(self::figures(...), $shared->runnersUp),
            'exact' => $shared->exact,
        ]]);
    }

    /** @return array{landed: int, by: string, parcels: int} */
    public static function figures(Allocation $of): array
    {
        return ['landed' => $of->landed(), 'by' => $of->by, 'parcels' => $of->parcels];
    }

    /** @param  Collection<int, OrderLine>  $lines */
    private static function hasOthers(Collection $lines): bool
    {
        return DB::table('variant_sources')->whereIn('listing_variant_id', $lines->pluck('listing_variant_id')->filter())->exists();
    }

    /** Its pieces are promised there instead, if they are still to be had. */
    private static function take(OrderLine $line, int $variant): bool
    {
        if ($variant === $line->supplier_variant_id) {
            return true;
        }
        $taken = Reservations::take($variant, $line->quantity);
        if ($taken) {
            SupplierVariant::query()
                ->whereKey($line->supplier_variant_id)
                ->update(['promised' => DB::raw('greatest(promised - '.$line->quantity.', 0)')]);
        }

        return $taken;
    }
}
