<?php

declare(strict_types=1);

namespace WindowStall\Source\Http\Api;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use WindowStall\Runs\Run;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;
use WindowStall\Support\Api\Page;

/** GET /api/v1/runs: long work, such as pulls: what it did and what went wrong. */
final class RunsController
{
    public function __invoke(Request $request): JsonResponse
    {
        $stall = $request->user();
        \assert($stall instanceof Stall);
        $page = Page::of($request);
        $rows = Run::of($stall)
            ->where('id', '>', $page->after)
            ->orderBy('id')
            ->limit($page->limit + 1)
            ->get();

        $names = SupplierConnection::of($stall)->pluck('name', 'id');

        return $page->answer(
            $rows,
            fn (Run $r): array => [
                'id' => $r->id,
                'kind' => $r->kind->value,
                'supplier' => $names->get($r->connection_id),
                'state' => $r->state->value,
                'done' => $r->done,
                'total' => $r->total,
                'counts' => (object) $r->counts,
                'left_out' => $r->rejects,
                'notes' => $r->notes,
                'trouble' => $r->trouble,
                'started_at' => $r->started_at?->toIso8601String(),
                'ended_at' => $r->ended_at?->toIso8601String(),
            ],
        );
    }
}
