<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use WindowStall\Pricing\ChangeTaxes;
use WindowStall\Pricing\PricingChange;
use WindowStall\Pricing\Reprice;
use WindowStall\Pricing\Views\TaxesView;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\StallTaxRate;
use WindowStall\Stall\User;
use WindowStall\Stall\Views\Choices;

/** Taxes: what each country takes of which goods, from when on; each change is a step, and prices follow. */
final readonly class TaxesController
{
    public function __construct(private ChangeTaxes $change)
    {
    }

    public function index(Stall $stall): Response
    {
        return Inertia::render('pricing/TaxesPage', [
            'run' => Reprice::underWay($stall),
            'taxes' => TaxesView::of($stall),
            'parts' => Choices::parts(),
        ]);
    }

    public function show(Stall $stall): JsonResponse
    {
        return new JsonResponse(TaxesView::of($stall));
    }

    public function store(Request $request, Stall $stall): JsonResponse
    {
        return $this->done($stall, $this->change->rate($stall, User::asking($request), $request->json()->all()));
    }

    public function update(Request $request, Stall $stall, StallTaxRate $taxRate): JsonResponse
    {
        return $this->done($stall, $this->change->rate($stall, User::asking($request), $request->json()->all(), $taxRate));
    }

    public function destroy(Request $request, Stall $stall, StallTaxRate $taxRate): JsonResponse
    {
        return $this->done($stall, $this->change->remove($stall, User::asking($request), $taxRate));
    }

    public function begin(Request $request, Stall $stall, string $country): JsonResponse
    {
        return $this->done($stall, $this->change->begin($stall, User::asking($request), $country));
    }

    public function goods(Request $request, Stall $stall): JsonResponse
    {
        return $this->done($stall, $this->change->goods($stall, User::asking($request), $request->json()->all()));
    }

    public function market(Request $request, Stall $stall, string $country): JsonResponse
    {
        abort_unless(in_array($country, $stall->soldTo(), true), 404);

        return $this->done($stall, $this->change->market($stall, User::asking($request), $country, $request->json()->all()));
    }

    private function done(Stall $stall, PricingChange $change): JsonResponse
    {
        return new JsonResponse(TaxesView::of($stall->refresh(), $change));
    }
}
