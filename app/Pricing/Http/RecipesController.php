<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use WindowStall\Pricing\ChangePricing;
use WindowStall\Pricing\PricingChange;
use WindowStall\Pricing\Reprice;
use WindowStall\Pricing\Views\RecipeChoicesView;
use WindowStall\Pricing\Views\RecipeRowView;
use WindowStall\Pricing\Views\RecipesAnswerView;
use WindowStall\Runs\Run;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\ConditionNotation;
use WindowStall\Stall\Terms\PriceRecipe;
use WindowStall\Stall\Terms\RecipeForm;
use WindowStall\Stall\Terms\Recipes;
use WindowStall\Stall\User;
use WindowStall\Support\Refusal;

/**
 * A stall's recipes in their order of precedence: edited in place, added, taken away, moved; each a step that can be
 * taken back.
 */
final readonly class RecipesController
{
    private const MOST = 60;

    public function __construct(private ChangePricing $change)
    {
    }

    public function index(Stall $stall): Response
    {
        return Inertia::render('pricing/RecipesPage', [
            'run' => Reprice::underWay($stall),
            'recipes' => RecipeRowView::list($stall),
            'bands' => \WindowStall\Core\Pricing\Listing\TrialTally::BANDS,
            'choices' => RecipeChoicesView::of($stall),
        ]);
    }

    public function store(Request $request, Stall $stall): JsonResponse
    {
        if ($stall->recipes()->count() >= self::MOST) {
            throw new Refusal(sprintf('A stall has up to %d recipes.', self::MOST));
        }

        return $this->done($request, $stall, 'A recipe added', function () use ($stall): void {
            $stall->recipes()->increment('position');
            // It begins as the last one prices, and counts for nothing until a condition says so.
            $stall
                ->recipes()
                ->create([
                    'name' => 'New recipe',
                    'position' => 1,
                    'conditions' => ConditionNotation::nothing($stall->currencyValue()),
                    'recipe' => $stall->recipes()->reorder('position', 'desc')->first()->recipe ??
                        Recipes::first($stall->currencyValue()),
                ]);
        });
    }

    public function update(Request $request, Stall $stall, PriceRecipe $recipe): JsonResponse
    {
        $typed = $request->validate(
            ['name' => 'sometimes|required|string|max:80', 'recipe' => 'sometimes|array'] +
                array_map(
                    static fn (string $rule): string => str_replace('present|', 'sometimes|', $rule),
                    ConditionNotation::RULES,
                ),
            ['name.required' => 'A recipe needs a name.'],
        );
        $columns = [];
        if (isset($typed['name'])) {
            $columns['name'] = trim($typed['name']);
        }
        if (isset($typed['recipe'])) {
            $columns['recipe'] = RecipeForm::written($typed['recipe'], $stall->currencyValue());
        }
        if (isset($typed['conditions']) && $recipe->position < PriceRecipe::LAST) {
            $columns['conditions'] = ConditionNotation::tidy($typed['conditions'], $stall->currencyValue());
            if ($columns['conditions'] === []) {
                throw new Refusal(
                    'Only the last recipe goes without conditions: it prices whatever none before it does.',
                );
            }
        }

        return $this->done(
            $request,
            $stall,
            sprintf('“%s” changed', $columns['name'] ?? $recipe->name),
            fn () => $recipe->update($columns),
        );
    }

    public function destroy(Request $request, Stall $stall, PriceRecipe $recipe): JsonResponse
    {
        if ($recipe->position >= PriceRecipe::LAST || $stall->recipes()->count() === 1) {
            throw new Refusal('The last recipe stays: it prices whatever none before it does.');
        }

        return $this->done($request, $stall, sprintf('“%s” taken away', $recipe->name), fn () => $recipe->delete());
    }

    /** The order of precedence; the last one stays last. */
    public function order(Request $request, Stall $stall): JsonResponse
    {
        $ids = array_values(
            array_map(
                intval(...),
                $request->validate(['recipes' => 'required|array|max:'.self::MOST, 'recipes.*' => 'integer'])[
                    'recipes'
                ],
            ),
        );

        return $this->done($request, $stall, 'Recipes put in another order', function () use ($stall, $ids): void {
            foreach ($stall->recipes()->where('position', '<', PriceRecipe::LAST)->get() as $recipe) {
                $at = array_search($recipe->id, $ids, true);
                $recipe->update(['position' => $at === false ? count($ids) + 1 : $at + 1]);
            }
        });
    }

    public function undo(Request $request, Stall $stall, PricingChange $change): JsonResponse
    {
        abort_unless($change->stall_id === $stall->id, 404);
        $run = $this->change->undo($stall, User::asking($request), $change);

        return $this->answer($stall, $change, $run);
    }

    /** @param  callable(): mixed  $do */
    private function done(Request $request, Stall $stall, string $words, callable $do): JsonResponse
    {
        [$change, $run] = ($this->change)(
            $stall,
            User::asking($request),
            $words,
            static function () use ($do): void {
                $do();
            },
        );

        return $this->answer($stall, $change, $run);
    }

    private function answer(Stall $stall, PricingChange $change, ?Run $run): JsonResponse
    {
        return new JsonResponse(
            RecipesAnswerView::of($stall->refresh()->load(['recipes', 'rates', 'marketRows']), $change, $run),
        );
    }
}
