<?php

declare(strict_types=1);

namespace WindowStall\Drift\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use WindowStall\Bench\ProjectListings;
use WindowStall\Core\Drift\Guards\GuardLimits;
use WindowStall\Core\Facts\FactName;
use WindowStall\Core\Facts\Policies;
use WindowStall\Core\Facts\Policy;
use WindowStall\Drift\KeepBack;
use WindowStall\Drift\Views\RulesSheetView;
use WindowStall\Stall\Stall;

/** Rules for what suppliers change, supplier by supplier, and how much one pull may do by itself. */
final readonly class RulesController
{
    public function index(Stall $stall): JsonResponse
    {
        return new JsonResponse(RulesSheetView::of($stall));
    }

    /** When the mail goes out with what asks; null: never. */
    public function digest(Request $request, Stall $stall): JsonResponse
    {
        $typed = $request->validate(['hour' => 'present|nullable|integer|between:0,23']);
        $stall->update(['digest_hour' => $typed['hour'] === null ? null : (int) $typed['hour']]);

        return $this->index($stall);
    }

    public function update(Request $request, Stall $stall, int $connection, ProjectListings $project): JsonResponse
    {
        $found = $stall->connections()->findOrFail($connection);
        $typed = $request->validate([
            'fact' => ['sometimes', 'required', Rule::enum(FactName::class)],
            'policy' => ['required_with:fact', Rule::enum(Policy::class)],
            'band' => 'sometimes|required|numeric|min:0|max:'.(Policies::MOST_BAND / 100),
            'guard' => ['sometimes', 'required', Rule::in(array_keys((new GuardLimits)->toArray()))],
            'share' => 'required_with:guard|numeric|min:0|max:100',
            'keptBack' => 'sometimes|required|integer|between:0,999',
        ]);
        $bp = static fn (mixed $percent): int => (int) round((float) $percent * 100);
        $policies = $found->policies;
        if (isset($typed['fact'])) {
            $policies[(string) $typed['fact']] = $typed['policy'];
        }
        if (isset($typed['band'])) {
            $policies['band'] = $bp($typed['band']);
        }
        $guards = isset($typed['guard']) ? [(string) $typed['guard'] => $bp($typed['share'])] + $found->guards : $found->guards;
        $found->update(['policies' => $policies, 'guards' => $guards, 'kept_back' => (int) ($typed['keptBack'] ?? $found->kept_back)]);
        if (isset($typed['keptBack'])) {
            KeepBack::of($found);
            $project($stall);
            $stall->bumpShop();
        }

        return $this->index($stall);
    }
}
