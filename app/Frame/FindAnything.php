<?php

declare(strict_types=1);

namespace WindowStall\Frame;

use WindowStall\Bench\Listing;
use WindowStall\Counter\Order;
use WindowStall\Frame\Views\FoundView;
use WindowStall\Shelves\Shelf;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Stall;

/** Finds screens and settings by everyday words, and a stall's listings, orders and supplier items by a few letters. */
final class FindAnything
{
    private const EACH = 6;

    /** @return list<FoundView> places first, then shelves, listings, orders, and items not taken yet */
    public function __invoke(Stall $stall, string $words): array
    {
        $words = mb_substr(trim($words), 0, 80);
        if ($words === '') {
            return [];
        }
        $like = '%'.addcslashes($words, '%_\\').'%';
        // What begins a word comes before what lies inside one.
        $begins = '\\m'.preg_quote($words);
        $listings = Listing::of($stall)
            ->whereRaw('id IN (SELECT listings_titled(?))', [$like])
            ->orderByRaw('shown_title ~* ? desc', [$begins])
            ->orderBy('shown_title')
            ->limit(self::EACH)
            ->get()
            ->map(
                fn (Listing $l): FoundView => new FoundView(
                    kind: 'listing',
                    label: $l->shown_title,
                    detail: $l->state->words(),
                    url: route('bench.listing', [$stall, $l]),
                ),
            );
        $orders = Order::of($stall)
            ->where(
                fn ($q) => $q
                    ->whereRaw('id IN (SELECT orders_for(?))', [$like])
                    ->when(ctype_digit($words) && strlen($words) < 9, fn ($n) => $n->orWhere('number', (int) $words)),
            )
            ->orderByDesc('id')
            ->limit(self::EACH)
            ->get()
            ->map(
                fn (Order $o): FoundView => new FoundView(
                    kind: 'order',
                    label: 'Order '.$o->number,
                    detail: $o->name.', '.$o->state->words(),
                    url: route('counter.order', [$stall, $o]),
                ),
            );
        $items = SupplierItem::of($stall)
            ->whereNull('gone_at')
            ->whereNull('made_from_id')
            ->notTaken()
            ->whereRaw('id IN (SELECT items_titled(?))', [$like])
            ->orderByRaw('title ~* ? desc', [$begins])
            ->orderBy('title')
            ->limit(self::EACH)
            ->get()
            ->map(
                fn (SupplierItem $i): FoundView => new FoundView(
                    kind: 'item',
                    label: $i->title,
                    detail: 'in Source',
                    url: route('source', [$stall, 'q' => $i->external_id]),
                ),
            );

        $shelves = Shelf::of($stall)
            ->where('name', 'ilike', $like)
            ->orderBy('name')
            ->limit(self::EACH)
            ->get()
            ->map(
                fn (Shelf $s): FoundView => new FoundView(
                    kind: 'shelf',
                    label: $s->name,
                    detail: 'a shelf',
                    url: route('shelves.shelf', [$stall, $s]),
                ),
            );

        return [
            ...ScreenIndex::called($stall, $words),
            ...array_values($shelves->all()),
            ...array_values($listings->all()),
            ...array_values($orders->all()),
            ...array_values($items->all()),
        ];
    }
}
