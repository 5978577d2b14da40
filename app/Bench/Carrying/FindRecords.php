<?php

declare(strict_types=1);

namespace WindowStall\Bench\Carrying;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use WindowStall\Bench\Listing;
use WindowStall\Bench\TakeToBench;
use WindowStall\Core\Feeds\Reject;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Stall;

/**
 * Which listings the records of a file are: by their number, else by their supplier and item, which is taken to the
 * bench if it isn't there yet.
 *
 * @phpstan-import-type Record from ListingFile
 */
final readonly class FindRecords
{
    public function __construct(private TakeToBench $take)
    {
    }

    /**
     * @param  list<Record>  $records
     * @param  list<Reject>  $rejects  those that are neither
     * @return array{array<int, Listing>, list<int>} by the record's place, ready for its figures; and those taken for it
     */
    public function all(Stall $stall, array $records, array &$rejects): array
    {
        $found = $this->byNumber($stall, $records);
        $items = $this->items($stall, array_diff_key($records, $found));
        $wanted = [];
        foreach (array_diff_key($records, $found) as $n => $record) {
            $item = $items[self::key($record)] ?? null;
            if ($item === null) {
                $rejects[] = self::neither($record);
            } else {
                $wanted[$n] = $item->id;
            }
        }
        $taken = ($this->take)($stall, array_values(array_unique($wanted)))->new;
        $here = self::listings($stall, static fn (Builder $q) => $q->whereIn('supplier_item_id', array_unique($wanted)))
            ->sortByDesc('id')
            ->keyBy('supplier_item_id');
        foreach ($wanted as $n => $item) {
            $listing = $here->get($item);
            if ($listing !== null) {
                $found[$n] = $listing;
            }
        }
        ksort($found);

        return [$found, array_map(static fn (Listing $l): int => $l->id, $taken)];
    }

    /**
     * A number from another stall may be another thing here: it counts only with its item.
     *
     * @param  list<Record>  $records
     * @return array<int, Listing>
     */
    private function byNumber(Stall $stall, array $records): array
    {
        $numbers = array_map(static fn (array $r): int => (int) ($r['listing']['listing'] ?? 0), $records);
        $listings = self::listings($stall, static fn (Builder $q) => $q->whereKey($numbers))->keyBy('id');
        $found = [];
        foreach ($records as $n => $record) {
            $listing = $listings[$numbers[$n]] ?? null;
            $item = $record['listing']['item'] ?? '';
            if ($listing !== null && ($item === '' || $listing->supplierItem?->external_id === $item)) {
                $found[$n] = $listing;
            }
        }

        return $found;
    }

    /**
     * @param  array<int, Record>  $records
     * @return array<string, SupplierItem> by supplier and item
     */
    private function items(Stall $stall, array $records): array
    {
        $ids = array_filter(array_map(static fn (array $r): string => $r['listing']['item'] ?? '', $records));
        $items = SupplierItem::query()
            ->with('connection')
            ->where('stall_id', $stall->id)
            ->whereIn('external_id', $ids)
            ->whereNull('gone_at')
            ->orderByDesc('id')
            ->get();

        return $items
            ->keyBy(static fn (SupplierItem $i): string => $i->connection?->name."\0".$i->external_id)
            ->all();
    }

    /**
     * @param  callable(Builder<Listing>): mixed  $which
     * @return Collection<int, Listing>
     */
    private static function listings(Stall $stall, callable $which): Collection
    {
        return Listing::query()
            ->where('stall_id', $stall->id)
            ->with(Listing::FOR_FIGURES)
            ->tap($which)
            ->get();
    }

    /** @param  Record  $record */
    private static function key(array $record): string
    {
        return ($record['listing']['supplier'] ?? '')."\0".($record['listing']['item'] ?? '');
    }

    /** @param  Record  $record */
    private static function neither(array $record): Reject
    {
        return new Reject(
            $record['row'],
            'listing',
            $record['listing']['listing'] ?? '',
            sprintf(
                'Neither this listing nor the item “%s” of “%s” is in this stall.',
                $record['listing']['item'] ?? '',
                $record['listing']['supplier'] ?? '',
            ),
        );
    }
}
