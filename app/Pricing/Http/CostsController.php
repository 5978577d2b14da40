<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;
use WindowStall\Bench\Listing;
use WindowStall\Core\Landing\DutyBase;
use WindowStall\Pricing\ChangePricing;
use WindowStall\Pricing\PullRates;
use WindowStall\Pricing\Reprice;
use WindowStall\Pricing\SellToMarket;
use WindowStall\Pricing\TypedCosts;
use WindowStall\Pricing\Views\CostsAnswerView;
use WindowStall\Pricing\Views\CostSheetView;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Stall\Views\Choices;
use WindowStall\Support\Refusal;

/** The cost sheet of a stall: each line is saved as it is left, prices follow, and the sample shows what it does. */
final readonly class CostsController
{
    public function __construct(private ChangePricing $change)
    {
    }

    public function show(Stall $stall): Response
    {
        return Inertia::render('pricing/CostsPage', [
            'run' => Reprice::underWay($stall),
            'sheet' => CostSheetView::of($stall),
            'countries' => Choices::countries(),
        ]);
    }

    public function update(Request $request, Stall $stall): JsonResponse
    {
        $typed = $this->typed($request, $stall);
        if (isset($typed['sample'])) {
            $stall->update(['sample_listing_id' => Listing::of($stall)->whereKey($typed['sample'])->value('id')]);

            return new JsonResponse(CostsAnswerView::of($stall));
        }
        $costs = TypedCosts::read($stall, $typed);

        return $this->done($request, $stall, 'The cost sheet changed', static fn () => $costs->store($stall));
    }

    /** Takes the rates of the day over from the service that publishes them. */
    public function pullRates(Request $request, Stall $stall, PullRates $pull): JsonResponse
    {
        $rates = $pull->fetch($stall);

        return $this->done(
            $request,
            $stall,
            sprintf('Rates of %s taken over', Carbon::parse($rates['day'])->format('j M Y')),
            static fn () => $pull->store($stall, $rates),
        );
    }

    /** Sells to a country, or no longer. */
    public function market(Request $request, Stall $stall, SellToMarket $sell): JsonResponse
    {
        $typed = $request->validate(
            [
                'market' => ['required', 'string', Rule::in(array_column(Choices::countries(), 'code'))],
                'sold' => 'required|boolean',
            ],
            ['market.in' => 'Choose a country from the list.'],
        );
        if ($typed['market'] === $stall->home_market) {
            throw new Refusal('That is the home market. It is changed in the settings.');
        }
        $change = $sell($stall, User::asking($request), $typed['market'], (bool) $typed['sold']);

        return new JsonResponse(
            CostsAnswerView::of($stall->refresh()->load(['rates', 'recipes', 'marketRows']), $change),
        );
    }

    /** @return array<string, mixed> */
    private function typed(Request $request, Stall $stall): array
    {
        return $request->validate(
            [
                'fields' => 'sometimes|array',
                'fields.*' => 'required|string|max:20',
                'rates' => 'sometimes|array',
                'rates.*' => 'required|string|max:20',
                'cushion' => 'sometimes|required|string|max:8',
                'tax_on_top' => 'sometimes|boolean',
                'free_over' => 'sometimes|nullable|string|max:20',
                'build_in' => 'sometimes|boolean',
                'sample' => 'sometimes|integer',
                'market' => ['sometimes', 'string', Rule::in($stall->soldTo())],
                'terms' => 'required_with:market|array',
                'terms.prices' => [Rule::in(['conversion', 'own'])],
                'terms.currency' => 'string|size:3',
                'terms.ending' => 'nullable|string|max:20',
                'terms.duty' => 'string|max:8',
                'terms.dutyOn' => [Rule::enum(DutyBase::class)],
                'terms.tax' => 'nullable|string|max:8',
                'terms.taxOnTop' => 'boolean',
                'terms.charged' => 'nullable|string|max:20',
            ],
            ['fields.*.required' => 'Write a figure here, 0 for nothing.', 'rates.*.required' => 'Write a rate here.'],
        );
    }

    /** @param  callable(): void  $do */
    private function done(Request $request, Stall $stall, string $words, callable $do): JsonResponse
    {
        [$change, $run] = ($this->change)(
            $stall,
            User::asking($request),
            $words,
            $do,
        );

        return new JsonResponse(
            CostsAnswerView::of($stall->refresh()->load(['rates', 'recipes', 'marketRows']), $change, $run),
        );
    }
}
