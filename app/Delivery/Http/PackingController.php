<?php

declare(strict_types=1);

namespace WindowStall\Delivery\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use WindowStall\Delivery\ClosedDays;
use WindowStall\Delivery\Views\PlacesDoneView;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\StalePages;
use WindowStall\Stall\Stall;

/** When goods are packed: each supplier's hour and days, and the days on which the seller is away. */
final class PackingController
{
    /** Working days of packing that can be a promise. */
    private const MOST_DAYS = 60;

    public function supplier(Request $request, Stall $stall, SupplierConnection $connection): JsonResponse
    {
        $typed = $request->validate([
            'cut_off' => ['sometimes', 'present', 'nullable', 'string', 'regex:/^([01]?\d|2[0-3])[:.][0-5]\d$/D'],
            'packs_from' => 'sometimes|integer|min:0|max:'.self::MOST_DAYS,
            'packs_to' => 'sometimes|integer|min:0|max:'.self::MOST_DAYS,
            'closed' => 'sometimes|present|nullable|string|max:2000',
        ], [
            'cut_off.regex' => 'An hour is written like 14:00.',
            'packs_from' => 'Working days are a whole number up to 60.',
            'packs_to' => 'Working days are a whole number up to 60.',
        ]);
        if (array_key_exists('cut_off', $typed)) {
            $hour = str_replace('.', ':', (string) $typed['cut_off']);
            $connection->cut_off = $hour === '' ? null : str_pad($hour, 5, '0', STR_PAD_LEFT);
        }
        $connection->packs_from = (int) ($typed['packs_from'] ?? $connection->packs_from);
        $connection->packs_to = max($connection->packs_from, (int) ($typed['packs_to'] ?? $connection->packs_to));
        if (array_key_exists('closed', $typed)) {
            $connection->closed_days = self::days((string) $typed['closed']);
        }
        $connection->save();
        StalePages::frame($stall);

        return new JsonResponse(PlacesDoneView::of($stall));
    }

    public function closed(Request $request, Stall $stall): JsonResponse
    {
        $typed = $request->validate(['closed' => 'present|nullable|string|max:2000']);
        $stall->update(['closed_days' => self::days((string) $typed['closed'])]);
        StalePages::frame($stall);

        return new JsonResponse(PlacesDoneView::of($stall));
    }

    /** @return list<array{string, string}> */
    private static function days(string $typed): array
    {
        return ClosedDays::read($typed) ?? throw ValidationException::withMessages([
            'closed' => 'Days are written like 2026-12-24 to 2026-12-27, 2027-01-01.',
        ]);
    }
}
