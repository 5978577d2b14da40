<?php

declare(strict_types=1);

namespace WindowStall\Drift\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ProjectListings;
use WindowStall\Core\Facts\FactName;
use WindowStall\Core\Facts\Policy;
use WindowStall\Drift\Following\KeepBack;
use WindowStall\Drift\Views\HistoryView;
use WindowStall\Stall\Stall;

/** A listing's timeline, and the rules of its own for what its supplier changes. */
final readonly class HistoryController
{
    public function show(Stall $stall, Listing $listing): JsonResponse
    {
        return new JsonResponse(HistoryView::of($stall, $listing));
    }

    public function update(Request $request, Stall $stall, Listing $listing, ProjectListings $project): JsonResponse
    {
        $typed = $request->validate([
            'fact' => ['sometimes', 'required', Rule::enum(FactName::class)],
            'policy' => ['present_with:fact', 'nullable', Rule::enum(Policy::class)],
            'keptBack' => 'sometimes|nullable|integer|between:0,999',
        ]);
        DB::transaction(function () use ($listing, $typed): void {
            $locked = Listing::query()->whereKey($listing->id)->lockForUpdate()->firstOrFail();
            $rules = $locked->own_policies;
            if (isset($typed['fact'])) {
                unset($rules[$typed['fact']]);
                $rules += $typed['policy'] === null ? [] : [(string) $typed['fact'] => $typed['policy']];
            }
            $locked->update([
                'own_policies' => $rules,
                'own_kept_back' => array_key_exists('keptBack', $typed) ? $typed['keptBack'] : $locked->own_kept_back,
            ]);
        });
        $connection = $listing->supplierItem?->connection;
        if (array_key_exists('keptBack', $typed) && $connection !== null) {
            KeepBack::of($connection);
            $project($stall, [$listing->id]);
        }

        return $this->show($stall, $listing->refresh());
    }
}
