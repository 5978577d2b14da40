<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;
use Inertia\Support\Header;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\ListingVariant;
use WindowStall\Bench\Undo\BenchChange;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Pricing\Recipe\BulkStep;
use WindowStall\Core\Pricing\Recipe\Ending;
use WindowStall\Core\Pricing\Recipe\Step;
use WindowStall\Core\Pricing\Recipe\Toward;
use WindowStall\Pricing\BoardQuery;
use WindowStall\Pricing\Reprice;
use WindowStall\Pricing\SetPrices;
use WindowStall\Pricing\Views\BoardRowView;
use WindowStall\Pricing\Views\BoardView;
use WindowStall\Pricing\Views\VariantSheetView;
use WindowStall\Source\Landing\LookAtMarket;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Support\Refusal;
use WindowStall\Support\Views\Percent;

/** The price board: every variant with what it costs, asks and keeps; prices set by hand, one or many at once. */
final class BoardController
{
    public function index(Request $request, Stall $stall, LookAtMarket $look): Response
    {
        // Put in another order or turned to another page, the board alone is asked for: how many there are stays.
        $counted = $request->header(Header::PARTIAL_ONLY) !== 'board';

        return Inertia::render('pricing/BoardPage', [
            'run' => fn () => Reprice::underWay($stall),
            'board' => fn () => BoardView::of($stall, BoardQuery::of($request, $stall), $counted),
            'markets' => fn () => $look->views($stall),
        ]);
    }

    public function sheet(Stall $stall, int $variant): JsonResponse
    {
        $row = ListingVariant::query()
            ->whereKey($variant)
            ->whereHas('listing', fn ($q) => $q->where('stall_id', $stall->id))
            ->firstOrFail();
        $listing = Listing::of($stall)
            ->with([...Listing::FOR_FIGURES, 'variants.supplierVariant.item', 'variants.sold.item'])
            ->findOrFail($row->listing_id);

        return new JsonResponse(VariantSheetView::of($stall, ListingFigures::of($stall, $listing), $row));
    }

    public function set(Request $request, Stall $stall, SetPrices $set): JsonResponse
    {
        $typed = $request->validate([
            'variants' => 'required_without:all|array|max:'.SetPrices::MOST,
            'variants.*' => 'integer',
            'all' => 'sometimes|boolean',
            'do' => [
                'required',
                Rule::in(['price', 'recipe', 'factor', 'add', 'margin', 'ending', 'was', 'knowingly', 'own']),
            ],
            'recipe' => 'sometimes|nullable|array',
            'value' => 'sometimes|nullable|string|max:20',
            'ending' => 'sometimes|nullable|string|max:20',
            'toward' => ['sometimes', Rule::enum(Toward::class)],
        ]);
        $query = BoardQuery::of($request, $stall);
        $ids = $request->boolean('all')
            ? $query->all($stall, SetPrices::MOST + 1)
            : array_values(array_map(intval(...), $typed['variants']));
        $user = $request->user() instanceof User ? $request->user() : null;
        $value = (string) ($typed['value'] ?? '');
        $money = static fn (): Money => Money::parse($value, $stall->currencyValue());
        $change = match ($typed['do']) {
            'price' => $set->to($stall, $user, $ids, $money()),
            'recipe' => $set->to($stall, $user, $ids, null),
            'was' => $set->was($stall, $user, $ids, $value === '' ? null : $money()),
            'own' => $set->own($stall, $user, $ids, $typed['recipe'] ?? null),
            'knowingly' => $set->knowingly($stall, $user, $ids, $value === 'yes'),
            default => $set->by(
                $stall,
                $user,
                $ids,
                self::step(
                    $stall,
                    $typed['do'],
                    $value,
                    (string) ($typed['ending'] ?? ''),
                    Toward::from($typed['toward'] ?? 'up'),
                ),
            ),
        };

        return $this->answer($stall, $query, $change, $request->boolean('all') ? [] : $ids);
    }

    private static function step(Stall $stall, string $do, string $value, string $ending, Toward $toward): BulkStep
    {
        $currency = $stall->currencyValue();
        $step = match ($do) {
            'factor' => Step::factor(self::factor($value)),
            'add' => Step::add(Money::parse($value, $currency)),
            'margin' => Step::margin(
                Rate::bp(
                    Percent::parse($value) ??
                        throw ValidationException::withMessages([
                            'value' => 'Write the margin in percent, such as 30.',
                        ]),
                ),
            ),
            default => null,
        };
        $part = $ending === '' ? null : Money::parse($ending, $currency)->minor;
        if ($part !== null && ($part < 0 || $part >= $currency->minorPerUnit())) {
            throw new Refusal(
                sprintf(
                    'An ending is the part below the whole %s, such as %s.',
                    $stall->currency,
                    $stall->money(intdiv($currency->minorPerUnit() * 95, 100))->digits(),
                ),
            );
        }

        return $step === null && $part === null
            ? throw ValidationException::withMessages(['ending' => 'Say what the prices are to end in, such as 0.95.'])
            : new BulkStep($step, $part === null ? null : new Ending($part, null, $toward));
    }

    private static function factor(string $typed): int
    {
        $typed = str_replace(',', '.', trim($typed));
        if (preg_match('/^(\d{1,3})(?:\.(\d{1,4}))?$/D', $typed, $m) !== 1 || (float) $typed === 0.0) {
            throw ValidationException::withMessages(['value' => 'Write the factor as 1.05 for 5% more.']);
        }

        return (int) $m[1] * Rate::WHOLE + (int) str_pad($m[2] ?? '', 6, '0');
    }

    /** @param  list<int>  $ids */
    private function answer(Stall $stall, BoardQuery $query, BenchChange $change, array $ids): JsonResponse
    {
        // One price for all of a listing may have moved its other variants too.
        $near =
            $ids === [] || count($ids) > 200
                ? []
                : ListingVariant::query()
                    ->whereIn('listing_id', ListingVariant::query()->whereKey($ids)->select('listing_id'))
                    ->orderBy('listing_id')
                    ->orderBy('position')
                    ->orderBy('id')
                    ->limit(400)
                    ->pluck('id')
                    ->map(intval(...))
                    ->all();

        return new JsonResponse([
            'change' => $change->id,
            'words' => $change->words,
            'rows' => BoardRowView::list($stall, $query->market, array_values($near)),
            'counts' => $query->counts($stall),
        ]);
    }
}
