<?php

declare(strict_types=1);

namespace WindowStall\Window\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use WindowStall\Core\Window\Measured;
use WindowStall\Stall\Stall;
use WindowStall\Window\AuditPage;
use WindowStall\Window\Window;

/** The phone audit of the page as it is being dressed. */
final readonly class AuditController
{
    /** Nobody waves more away; the oldest come back. */
    private const WAVED = 200;

    public function show(Request $request, Stall $stall, AuditPage $audit): JsonResponse
    {
        $said = $request->input('measures');

        return new JsonResponse(
            $audit($stall, Window::query()->findOrFail($stall->id), Measured::read(is_array($said) ? $said : [])),
        );
    }

    /** Waves a finding away. */
    public function wave(Request $request, Stall $stall): JsonResponse
    {
        $typed = $request->validate(['key' => 'required|string|max:300']);
        DB::transaction(function () use ($stall, $typed): void {
            $window = Window::query()->whereKey($stall->id)->lockForUpdate()->firstOrFail();
            $waved = [...array_diff($window->waved, [$typed['key']]), (string) $typed['key']];
            $window->update(['waved' => array_slice(array_values($waved), -self::WAVED)]);
        });

        return new JsonResponse(['waved' => true]);
    }
}
