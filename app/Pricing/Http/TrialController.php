<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use WindowStall\Bench\ListingVariant;
use WindowStall\Pricing\ChangePricing;
use WindowStall\Pricing\CostForm;
use WindowStall\Pricing\Jobs\TryForLarge;
use WindowStall\Pricing\PricingChange;
use WindowStall\Pricing\Reprice;
use WindowStall\Pricing\TryPricing;
use WindowStall\Pricing\Views\PricingDoneView;
use WindowStall\Pricing\Views\TrialDoneView;
use WindowStall\Pricing\Views\TrialView;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;
use WindowStall\Stall\StallRules;
use WindowStall\Stall\Terms\PriceRecipe;
use WindowStall\Stall\Terms\RecipeForm;
use WindowStall\Stall\User;
use WindowStall\Support\Refusal;

/** Trials: other costs and recipes tried on everything before they are meant; applied in one step, or thrown away. */
final class TrialController
{
    /** Variants that are tried while the person waits. */
    private const AT_ONCE = 20_000;

    /** A trial that hasn't been worked out after so long has lost its job; minutes. */
    private const FORGOTTEN = 12;

    public function show(Stall $stall): Response
    {
        return Inertia::render('pricing/TrialPage', [
            'run' => Reprice::underWay($stall),
            'trial' => TrialView::of($stall, $this->open($stall)),
            'done' => PricingDoneView::lately($stall),
        ]);
    }

    public function view(Stall $stall, PricingChange $change): JsonResponse
    {
        abort_unless($change->stall_id === $stall->id, 404);
        // Whoever worked it out was stopped: it is set again.
        if (
            $change->figures === null &&
            $change->applied_at === null &&
            $change->updated_at?->isBefore(now()->subMinutes(self::FORGOTTEN))
        ) {
            $change->touch();
            TryForLarge::dispatch($change->id);
        }

        return new JsonResponse(TrialView::of($stall, $change));
    }

    public function store(Request $request, Stall $stall, TryPricing $try): JsonResponse
    {
        $typed = $request->validate(
            [
                'fields' => 'present|array',
                'fields.*' => 'required|string|max:20',
                'rates' => 'present|array',
                'rates.*' => 'required|string|max:20',
                'suppliers' => 'present|array|max:100',
                'suppliers.*' => 'required|string|max:8',
                'recipes' => 'present|array|max:60',
                'recipes.*' => 'array',
            ],
            [
                'fields.*.required' => 'Write a figure here, 0 for nothing.',
                'rates.*.required' => 'Write a rate here.',
                'suppliers.*.required' => 'Write 0 for no change.',
            ],
        );
        $trial = $this->open($stall) ?? new PricingChange(['stall_id' => $stall->id, 'words' => 'Trial']);
        $trial
            ->fill([
                'changes' => $this->changes($stall, $typed),
                'figures' => null,
                'user_id' => $request->user()?->getAuthIdentifier(),
            ])
            ->save();
        if (
            ListingVariant::query()->whereHas('listing', fn ($q) => $q->where('stall_id', $stall->id))->count() >
            self::AT_ONCE
        ) {
            TryForLarge::dispatch($trial->id);
        } else {
            $try->keep($stall, $trial);
        }

        return new JsonResponse(TrialView::of($stall, $trial));
    }

    public function apply(Request $request, Stall $stall, PricingChange $change, ChangePricing $apply): JsonResponse
    {
        abort_unless($change->stall_id === $stall->id, 404);
        if ($change->applied_at !== null) {
            throw new Refusal('That trial was applied already.');
        }
        $changes = $change->changes;
        if (! isset($changes['stall']) && ! isset($changes['rates']) && ! isset($changes['recipes'])) {
            throw new Refusal('There is nothing to apply: what suppliers ask is theirs to change.');
        }
        $moved = (int) ($change->figures['up'] ?? 0) + (int) ($change->figures['down'] ?? 0);
        [$done, $run] = $apply(
            $stall,
            User::asking($request),
            sprintf('Trial applied: %s prices moved', number_format($moved)),
            function () use ($stall, $changes): void {
                $stall->update($changes['stall'] ?? []);
                foreach ($changes['rates'] ?? [] as $currency => $rate) {
                    $stall
                        ->rates()
                        ->where('from', $currency)
                        ->update(['rate' => $rate, 'day' => Clock::of($stall)->today(), 'typed' => true]);
                }
                foreach ($changes['recipes'] ?? [] as $recipe) {
                    $stall
                        ->recipes()
                        ->whereKey($recipe['id'])
                        ->update(['recipe' => json_encode($recipe['recipe'])]);
                }
            },
            $change,
        );

        return new JsonResponse(
            new TrialDoneView(
                change: $done->id,
                words: $done->words,
                run: $run?->id,
                trial: TrialView::of($stall->refresh()->load(['rates', 'recipes', 'marketRows']), null),
                done: PricingDoneView::lately($stall),
            ),
        );
    }

    public function destroy(Stall $stall, PricingChange $change): JsonResponse
    {
        abort_unless($change->stall_id === $stall->id, 404);
        if ($change->applied_at === null) {
            $change->delete();
        }

        return new JsonResponse(TrialView::of($stall, null));
    }

    private function open(Stall $stall): ?PricingChange
    {
        return PricingChange::query()->where('stall_id', $stall->id)->whereNull('applied_at')->latest('id')->first();
    }

    /**
     * Only what differs from how it is.
     *
     * @param  array<string, mixed>  $typed
     * @return array<string, mixed>
     */
    private function changes(Stall $stall, array $typed): array
    {
        $stall->loadMissing(['rates', 'recipes']);
        $columns = array_filter(
            CostForm::columns($stall, $typed['fields']),
            static fn (int $value, string $column): bool => $value !== (int) $stall->getAttribute($column),
            ARRAY_FILTER_USE_BOTH,
        );
        $rates = array_filter(
            CostForm::rates($stall, $typed['rates']),
            static fn (string $rate, string $currency): bool => $stall->rates
                ->firstWhere('from', $currency)
                ?->stands($rate) !== true,
            ARRAY_FILTER_USE_BOTH,
        );
        $mine = SupplierConnection::of($stall)->pluck('id')->all();
        $costs = [];
        foreach ($typed['suppliers'] as $id => $percent) {
            $dearer = StallRules::percent('suppliers.'.$id, $percent);
            if ($dearer !== 0 && in_array((int) $id, $mine, true)) {
                $costs[(int) $id] = $dearer;
            }
        }
        $recipes = array_values(
            $stall->recipes
                ->map(
                    static fn (PriceRecipe $r): array => [
                        'id' => $r->id,
                        'name' => $r->name,
                        'conditions' => $r->conditions,
                        'recipe' => isset($typed['recipes'][$r->id])
                            ? RecipeForm::written($typed['recipes'][$r->id], $stall->currencyValue())
                            : $r->recipe,
                    ],
                )
                ->all(),
        );
        $changed = array_filter(
            $recipes,
            static fn (array $r): bool => $r['recipe'] != $stall->recipes->firstWhere('id', $r['id'])?->recipe,
        );

        return array_filter(
            ['stall' => $columns, 'rates' => $rates, 'costs' => $costs, 'recipes' => $changed === [] ? [] : $recipes],
            static fn (array $v): bool => $v !== [],
        );
    }
}
