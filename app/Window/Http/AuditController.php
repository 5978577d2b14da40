<?php

declare(strict_types=1);

namespace WindowStall\Window\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use WindowStall\Core\Window\Measured;
use WindowStall\Stall\Stall;
use WindowStall\Window\AuditPage;
use WindowStall\Window\Views\AuditView;
use WindowStall\Window\Window;
use WindowStall\Window\Written\WrittenPage;

/** The phone audit of a page as it is being dressed. */
final readonly class AuditController
{
    /** Nobody waves more away; the oldest come back. */
    private const WAVED = 200;

    public function __construct(private AuditPage $audit)
    {
    }

    public function show(Request $request, Stall $stall): JsonResponse
    {
        $window = Window::query()->findOrFail($stall->id);
        $found = $this->found($request, $stall, $window);
        $words = array_column($found->findings, 'words');
        if ($words !== $window->audited) {
            // Kept for what is left before the shop opens; it isn't a saving of the page.
            Window::query()->whereKey($stall->id)->toBase()->update(['audited' => json_encode($words, JSON_THROW_ON_ERROR)]);
        }

        return new JsonResponse($found);
    }

    public function page(Request $request, Stall $stall, WrittenPage $page): JsonResponse
    {
        return new JsonResponse($this->found($request, $stall, $page));
    }

    public function wave(Request $request, Stall $stall): JsonResponse
    {
        return $this->away($request, Window::query()->findOrFail($stall->id));
    }

    public function wavePage(Request $request, Stall $stall, WrittenPage $page): JsonResponse
    {
        return $this->away($request, $page);
    }

    private function found(Request $request, Stall $stall, Window|WrittenPage $page): AuditView
    {
        $said = $request->input('measures');

        return ($this->audit)($stall, $page, Measured::read(is_array($said) ? $said : []));
    }

    /** Waves a finding away. */
    private function away(Request $request, Window|WrittenPage $page): JsonResponse
    {
        $typed = $request->validate(['key' => 'required|string|max:300']);
        DB::transaction(function () use ($page, $typed): void {
            $now = $page->newQuery()->whereKey($page->getKey())->lockForUpdate()->firstOrFail();
            $waved = [...array_diff($now->waved, [$typed['key']]), (string) $typed['key']];
            $now->update(['waved' => array_slice(array_values($waved), -self::WAVED)]);
        });

        return new JsonResponse(['waved' => true]);
    }
}
