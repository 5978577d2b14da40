<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use Illuminate\Support\Carbon;
use WindowStall\Core\Delivery\ArrivalDates;
use WindowStall\Core\Delivery\Parcel;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;

/** What comes together of a basket, and between which days if it is paid today. */
final readonly class BasketParcel
{
    /** @param  list<BasketEntry>  $entries */
    private function __construct(public array $entries, public ?ArrivalDates $dates)
    {
    }

    /**
     * @param  list<BasketEntry>  $entries
     * @return list<self>
     */
    public static function of(Stall $stall, array $entries): array
    {
        $items = array_map(static fn (BasketEntry $e): int => $e->variant->row->selling()->supplier_item_id, $entries);
        $suppliers = $items === [] ? [] : SupplierItem::of($stall)->whereKey($items)->pluck('connection_id', 'id')->all();
        $parcels = Parcel::of(array_map(static fn (BasketEntry $e, int $item): array => [
            'supplier' => (int) ($suppliers[$item] ?? 0),
            'warehouse' => $e->variant->warehouse,
            'days' => $e->variant->days,
        ], $entries, $items));
        $today = Carbon::parse(Clock::of($stall)->today())->toDateTimeImmutable();

        return array_map(static fn (Parcel $parcel): self => new self(
            array_map(static fn (int $at): BasketEntry => $entries[$at], $parcel->lines),
            $parcel->arrives($today, $stall->home_market),
        ), $parcels);
    }

    /** What lies in it: "Hand trowel, Steel; and Jute twine". */
    public function names(): string
    {
        $names = array_map(static fn (BasketEntry $e): string => $e->name(), $this->entries);
        $last = array_pop($names);

        return $names === [] ? (string) $last : implode('; ', $names).'; and '.$last;
    }
}
