<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;
use WindowStall\Bench\Listing;
use WindowStall\Core\Landing\DutyBase;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\Money;
use WindowStall\Pricing\ChangePricing;
use WindowStall\Pricing\CostForm;
use WindowStall\Pricing\PullRates;
use WindowStall\Pricing\Reprice;
use WindowStall\Pricing\Views\CostSheetView;
use WindowStall\Stall\Stall;
use WindowStall\Stall\StallRules;
use WindowStall\Stall\User;

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
        ]);
    }

    public function update(Request $request, Stall $stall): JsonResponse
    {
        $typed = $request->validate(
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
                'market' => ['sometimes', 'string', Rule::in($stall->markets())],
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
        if (isset($typed['sample'])) {
            $stall->update(['sample_listing_id' => Listing::of($stall)->whereKey($typed['sample'])->value('id')]);

            return new JsonResponse([
                'sheet' => CostSheetView::of($stall),
                'change' => null,
                'words' => '',
                'run' => null,
            ]);
        }
        $columns = CostForm::columns($stall, $typed['fields'] ?? []);
        if (isset($typed['tax_on_top'])) {
            $columns['tax_on_top'] = (bool) $typed['tax_on_top'];
        }
        if (array_key_exists('free_over', $typed)) {
            $columns['free_over_minor'] =
                trim((string) $typed['free_over']) === ''
                    ? null
                    : StallRules::amount('free_over', (string) $typed['free_over'], $stall->currency);
        }
        if (isset($typed['build_in'])) {
            $columns += $typed['build_in']
                ? [
                    'built_in_minor' => $stall->flat_delivery_minor > 0 ? $stall->flat_delivery_minor : $stall->built_in_minor,
                    'flat_delivery_minor' => 0,
                ]
                : ['flat_delivery_minor' => (int) $stall->built_in_minor, 'built_in_minor' => null];
        }
        $rates = CostForm::rates($stall, $typed['rates'] ?? []);
        $cushion = isset($typed['cushion']) ? StallRules::percent('cushion', $typed['cushion']) : null;
        $terms = isset($typed['market']) ? self::terms($stall, $typed['market'], $typed['terms']) : null;

        return $this->done($request, $stall, 'The cost sheet changed', function () use (
            $stall,
            $columns,
            $rates,
            $cushion,
            $typed,
            $terms,
        ): void {
            $stall->update($columns);
            foreach ($rates as $currency => $rate) {
                $stall
                    ->rates()
                    ->where('from', $currency)
                    ->update(['rate' => $rate, 'day' => today()->toDateString(), 'typed' => true]);
            }
            if ($cushion !== null) {
                $stall->rates()->update(['cushion_bp' => $cushion]);
            }
            if ($terms !== null) {
                DB::table('markets')->updateOrInsert(['stall_id' => $stall->id, 'market' => $typed['market']], $terms);
            }
        });
    }

    /** Takes the rates of the day over from the service that publishes them. */
    public function pullRates(Request $request, Stall $stall, PullRates $pull): JsonResponse
    {
        $rates = $pull->fetch($stall);

        return $this->done(
            $request,
            $stall,
            sprintf('Rates of %s taken over', $rates['day']),
            static fn () => $pull->store($stall, $rates),
        );
    }

    /**
     * @param  array<string, mixed>  $typed
     * @return array<string, mixed> columns of a market
     */
    private static function terms(Stall $stall, string $market, array $typed): array
    {
        $columns = [
            'duty_bp' => StallRules::percent('terms.duty', (string) ($typed['duty'] ?? '0')),
            'duty_on' => $typed['dutyOn'] ?? DutyBase::GoodsAndDelivery->value,
        ];
        if ($market === $stall->home_market) {
            return $columns;
        }
        $code = (string) ($typed['currency'] ?? $stall->currency);
        if ($code !== $stall->currency && ! $stall->rates->contains('from', $code)) {
            throw ValidationException::withMessages([
                'terms.currency' => sprintf('There is no exchange rate from %s to %s yet.', $code, $stall->currency),
            ]);
        }
        $currency = Currency::of($code);
        $blank = static fn (string $field): bool => trim((string) ($typed[$field] ?? '')) === '';
        $part = $blank('ending') ? null : Money::parse((string) $typed['ending'], $currency);
        if ($part !== null && ($part->isNegative() || $part->minor >= $currency->minorPerUnit())) {
            throw ValidationException::withMessages([
                'terms.ending' => 'An ending is the part below the whole, such as 0.95.',
            ]);
        }

        return $columns + [
            'prices' => $typed['prices'] ?? 'conversion',
            'currency' => $code === $stall->currency ? null : $code,
            'ending' => $part === null ? null : json_encode(['part' => $part->digits(), 'direction' => 'up']),
            'tax_bp' => $blank('tax') ? null : StallRules::percent('terms.tax', (string) $typed['tax']),
            'tax_on_top' => (bool) ($typed['taxOnTop'] ?? false),
            'charged_minor' => $blank('charged')
                ? null
                : StallRules::amount('terms.charged', (string) $typed['charged'], $code),
        ];
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

        return new JsonResponse([
            'sheet' => CostSheetView::of($stall->refresh()->load(['rates', 'recipes', 'marketRows'])),
            'change' => $change->id,
            'words' => $change->words,
            'run' => $run?->id,
        ]);
    }
}
