<?php

declare(strict_types=1);

namespace WindowStall\Bench;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Delivery\DayRange;

/** From where and how soon what a listing sells comes to a market abroad. */
final readonly class LandedThere
{
    /** @param  array<int, \stdClass>  $rows  of variant_landings, by supplier's variant */
    private function __construct(private array $rows)
    {
    }

    /** @param  string  $market  ISO 3166-1 */
    public static function of(Listing $listing, string $market): self
    {
        return new self(
            DB::table('variant_landings')
                ->where('market', $market)
                ->whereIn('supplier_variant_id', $listing->variants->map(static fn (ListingVariant $v): int => $v->selling()->id))
                ->get(['supplier_variant_id', 'days_min', 'days_max', 'warehouse'])
                ->keyBy('supplier_variant_id')
                ->all(),
        );
    }

    public function days(int $source): ?DayRange
    {
        $row = $this->rows[$source] ?? null;

        return $row?->days_min === null || $row->days_max === null
            ? null
            : new DayRange((int) $row->days_min, (int) $row->days_max);
    }

    public function warehouse(int $source): ?string
    {
        $from = ($this->rows[$source] ?? null)?->warehouse;

        return $from === null ? null : (string) $from;
    }
}
