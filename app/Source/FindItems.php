<?php

declare(strict_types=1);

namespace WindowStall\Source;

use Illuminate\Contracts\Pagination\CursorPaginator;
use Illuminate\Database\Eloquent\Builder;
use WindowStall\Stall\Stall;

/** Finds items by words, SKU or barcode, sorted and paged by key. */
final class FindItems
{
    /** sort key → what a person reads */
    public const SORTS = ['landed' => 'Landed cost, low first', 'days' => 'Quickest to arrive', 'title' => 'Title'];

    private const PAGE = 40;

    /** @return CursorPaginator<int, SupplierItem> */
    public function __invoke(Stall $stall, string $words, string $sort): CursorPaginator
    {
        $query = $this->query($stall, $words)->withCount('listings');
        match ($this->known($sort)) {
            'days' => $query->whereNotNull('days_max')->orderBy('days_max'),
            'title' => $query->orderBy('title'),
            default => $query->whereNotNull('landed_minor')->orderBy('landed_minor'),
        };

        return $query->orderBy('id')->cursorPaginate(self::PAGE)->withQueryString();
    }

    public function count(Stall $stall, string $words): int
    {
        return $this->query($stall, $words)->count();
    }

    public function known(string $sort): string
    {
        return isset(self::SORTS[$sort]) ? $sort : 'landed';
    }

    /** @return Builder<SupplierItem> */
    private function query(Stall $stall, string $words): Builder
    {
        $query = SupplierItem::query()->where('stall_id', $stall->id)->whereNull('gone_at');
        if ($words === '') {
            return $query;
        }
        // The last word may be half typed, and codes are searched as they stand: both are prefixes.
        preg_match_all('/[\p{L}\p{N}-]+/u', $words, $m);
        $prefix = implode(' & ', array_map(static fn (string $w): string => "'".$w."':*", $m[0]));

        return $query->where(fn (Builder $q): Builder => $q->whereRaw("search @@ websearch_to_tsquery('english', ?)", [$words])
            ->when($prefix !== '', fn (Builder $w): Builder => $w->orWhereRaw("search @@ to_tsquery('simple', ?)", [$prefix])));
    }
}
