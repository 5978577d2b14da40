<?php

declare(strict_types=1);

namespace WindowStall\Counter\Papers;

use Illuminate\Support\Collection;
use Illuminate\Support\Facades\View;
use WindowStall\Counter\Order;
use WindowStall\Counter\OrderLine;
use WindowStall\Counter\SupplierOrder;
use WindowStall\Stall\Stall;
use WindowStall\Support\Speech\Speech;
use WindowStall\Support\Speech\Spoken;
use WindowStall\Window\Window;

/** What lies in a supplier's parcel, in the stall's look and the shopper's language, without any price. */
final class PackingSlip
{
    /** @param  SupplierOrder  $row  with its lines */
    public static function html(Stall $stall, Order $order, SupplierOrder $row): string
    {
        $window = Window::query()->with('published')->find($stall->id);
        $seen = $stall->speaking($order->language);
        /** @var Collection<int, OrderLine> $lines */
        $lines = $row->lines->filter(static fn (OrderLine $line): bool => $line->toSend() > 0);

        return Speech::in($order->language, static fn (): string => View::make('papers.slip', [
            'order' => $order,
            'shop' => $stall->name,
            'look' => ($window?->publishedContent() ?? $window?->workingContent())?->look,
            'to' => array_filter(array_replace($order->address(), ['country' => Spoken::country($order->country)])),
            'lines' => $lines->map(static fn (OrderLine $line): array => [
                'words' => $line->nameIn($seen),
                'sku' => (string) $line->supplierVariant?->sku,
                'pieces' => $line->toSend(),
            ])->values()->all(),
        ])->render());
    }
}
