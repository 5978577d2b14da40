<?php

declare(strict_types=1);

namespace WindowStall\Bench\Http;

use Illuminate\Database\Query\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;
use WindowStall\Bench\BatchEdit;
use WindowStall\Bench\DeleteListings;
use WindowStall\Bench\Jobs\PlaceMany;
use WindowStall\Bench\Jobs\UndoStep;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingState;
use WindowStall\Bench\MakeUp\JoinListings;
use WindowStall\Bench\Undo\BenchChange;
use WindowStall\Bench\Undo\Undo;
use WindowStall\Bench\Views\GridRowView;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunKind;
use WindowStall\Runs\RunState;
use WindowStall\Runs\Views\RunView;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Support\Http\Cursors;
use WindowStall\Support\Http\Typed;

/**
 * Many listings at once: a grid to edit, deleting, joining, putting in the window with progress, and taking a step
 * back.
 */
final class GridController
{
    private const PAGE = 100;

    /** Listings that are taken back while the person waits. */
    private const AT_ONCE = 200;

    public function index(Request $request, Stall $stall): Response
    {
        $state = ListingState::tryFrom(Typed::text($request, 'state'));
        $tag = Typed::text($request, 'tag');
        $page = Listing::of($stall)
            ->with(['pictures', 'supplierItem.connection'])
            ->withCount('variants')
            ->addSelect(['least_keep' => self::leastKeep($stall)])
            ->when($state !== null, fn ($q) => $q->where('state', $state))
            ->when($tag !== '', fn ($q) => $q->whereJsonContains('own_tags', $tag))
            ->orderByDesc('id')
            ->cursorPaginate(self::PAGE, cursor: Cursors::byId($request))
            ->withQueryString();

        return Inertia::render('bench/GridPage', [
            'rows' => collect($page->items())->map(fn (Listing $l): GridRowView => GridRowView::of($stall, $l))->all(),
            'state' => $state?->value,
            'tag' => $tag,
            'tags' => DB::table('listings')
                ->where('stall_id', $stall->id)
                ->whereNull('deleted_at')
                ->selectRaw('jsonb_array_elements_text(own_tags) AS tag')
                ->distinct()
                ->orderBy('tag')
                ->limit(200)
                ->pluck('tag')
                ->all(),
            'next' => $page->nextCursor()?->encode(),
            'previous' => $page->previousCursor()?->encode(),
        ]);
    }

    public function cells(Request $request, Stall $stall, BatchEdit $edit): JsonResponse
    {
        $typed = $request->validate([
            'cells' => 'required|array|min:1|max:10000',
            'cells.*.listing' => 'required|integer',
            'cells.*.field' => ['required', Rule::in(array_keys(BatchEdit::FIELDS))],
            'cells.*.value' => 'present|nullable|string|max:2000',
        ]);
        $change = $edit->cells(
            $stall,
            self::person($request),
            array_values(
                array_map(
                    static fn (array $c): array => [
                        'listing' => (int) $c['listing'],
                        'field' => $c['field'],
                        'value' => (string) $c['value'],
                    ],
                    $typed['cells'],
                ),
            ),
        );

        return $this->answer(
            $stall,
            array_values(array_unique(array_map(intval(...), array_column($typed['cells'], 'listing')))),
            $change,
        );
    }

    public function replace(Request $request, Stall $stall, BatchEdit $edit): JsonResponse
    {
        $typed = $request->validate(
            self::CHOSEN + [
                'field' => ['required', Rule::in(array_keys(BatchEdit::FIELDS))],
                'find' => 'required|string|max:200',
                'with' => 'present|nullable|string|max:200',
            ],
            ['find.required' => 'Say what to find.'],
        );
        [$change] = $edit->replace(
            $stall,
            self::person($request),
            self::ids($typed),
            $typed['field'],
            $typed['find'],
            (string) $typed['with'],
        );

        return $change === null
            ? new JsonResponse([
                'rows' => [],
                'change' => null,
                'words' => sprintf('“%s” stands in none of them.', $typed['find']),
            ])
            : $this->answer($stall, self::ids($typed), $change);
    }

    public function tags(Request $request, Stall $stall, BatchEdit $edit): JsonResponse
    {
        $typed = $request->validate(
            self::CHOSEN + [
                'add' => 'present|array|max:30',
                'add.*' => 'string|max:40',
                'remove' => 'present|array|max:30',
                'remove.*' => 'string|max:40',
            ],
        );

        return $this->answer(
            $stall,
            self::ids($typed),
            $edit->tags(
                $stall,
                self::person($request),
                self::ids($typed),
                array_values($typed['add']),
                array_values($typed['remove']),
            ),
        );
    }

    public function destroy(Request $request, Stall $stall, DeleteListings $delete): JsonResponse
    {
        $change = $delete($stall, self::person($request), self::ids($request->validate(self::CHOSEN)));

        return new JsonResponse(['change' => $change->id, 'words' => $change->words]);
    }

    public function join(Request $request, Stall $stall, JoinListings $join, Undo $undo): JsonResponse
    {
        $typed = $request->validate(
            self::CHOSEN + [
                'option' => 'present|nullable|string|max:60',
                'values' => 'present|array',
                'values.*' => 'nullable|string|max:60',
            ],
        );
        $ids = self::ids($typed);
        $listings = Listing::of($stall)
            ->whereKey($ids)
            ->get()
            ->sortBy(static fn (Listing $l): int => (int) array_search($l->id, $ids, true))
            ->values();
        [$listing, $change] = $undo->around(
            $stall,
            self::person($request),
            $ids,
            fn (): Listing => $join(
                $stall,
                $listings,
                (string) $typed['option'],
                array_map(strval(...), $typed['values']),
            ),
            static fn (): string => sprintf('%d listings joined', count($ids)),
        );
        $stall->bumpShop();

        return new JsonResponse(['listing' => $listing->id, 'change' => $change->id]);
    }

    /** Puts many in the window, in the background. */
    public function place(Request $request, Stall $stall): JsonResponse
    {
        $run = Run::of($stall)
            ->create([
                'kind' => RunKind::Place,
                'subject' => ['listings' => self::ids($request->validate(self::CHOSEN))],
                'user_id' => self::person($request)?->id,
                'state' => RunState::Waiting,
            ]);
        $run->begin(PlaceMany::class);

        return new JsonResponse(RunView::of($run->refresh()));
    }

    /** What putting many in the window came to. */
    public function placed(Stall $stall, Run $run): JsonResponse
    {
        return new JsonResponse([
            'placed' => $run->counts['placed'] ?? 0,
            'left' => DB::table('run_rejects')
                ->where('run_id', $run->id)
                ->orderBy('id')
                ->limit(200)
                ->get()
                ->map(
                    static fn (\stdClass $r): array => [
                        'id' => (int) $r->row,
                        'title' => $r->value,
                        'why' => $r->reason,
                    ],
                )
                ->all(),
        ]);
    }

    /** Takes a step back, or some of its listings; one that touched many is taken back in the background. */
    public function undo(Request $request, Stall $stall, int $change, Undo $undo): JsonResponse
    {
        $step = BenchChange::query()->where('stall_id', $stall->id)->whereKey($change)->firstOrFail();
        $only =
            $request->validate(['listings' => 'sometimes|array|min:1|max:'.self::AT_ONCE, 'listings.*' => 'integer'])[
                'listings'
            ] ?? null;
        if ($only === null && $undo->size($stall, $step) > self::AT_ONCE) {
            $run = Run::of($stall)
                ->create([
                    'kind' => RunKind::Undo,
                    'subject' => ['change' => $step->id],
                    'user_id' => self::person($request)?->id,
                    'state' => RunState::Waiting,
                ]);

            return new JsonResponse(['run' => RunView::of($run->begin(UndoStep::class)->refresh())]);
        }
        $undo->take($stall, $step, $only === null ? null : self::ids(['listings' => $only]));

        return new JsonResponse(['run' => null]);
    }

    private const CHOSEN = ['listings' => 'required|array|min:1|max:2000', 'listings.*' => 'integer'];

    /** @param  list<int>  $ids */
    private function answer(Stall $stall, array $ids, BenchChange $change): JsonResponse
    {
        $rows = Listing::of($stall)
            ->with(['pictures', 'supplierItem.connection'])
            ->withCount('variants')
            ->addSelect(['least_keep' => self::leastKeep($stall)])
            ->whereKey($ids)
            ->get()
            ->map(fn (Listing $l): GridRowView => GridRowView::of($stall, $l))
            ->all();

        return new JsonResponse(['rows' => $rows, 'change' => $change->id, 'words' => $change->words]);
    }

    /**
     * @param  array<string, mixed>  $typed
     * @return list<int>
     */
    private static function ids(array $typed): array
    {
        /** @var array<int|string> $ids */
        $ids = $typed['listings'];

        return array_values(array_unique(array_map(intval(...), $ids)));
    }

    private static function person(Request $request): ?User
    {
        $user = $request->user();

        return $user instanceof User ? $user : null;
    }

    /** What the variant of a listing that keeps least keeps of a sale in the home market. */
    private static function leastKeep(Stall $stall): Builder
    {
        return DB::table('prices as p')
            ->join('listing_variants as v', 'v.id', '=', 'p.listing_variant_id')
            ->whereColumn('v.listing_id', 'listings.id')
            ->where('v.own_on', true)
            ->where('p.market', $stall->home_market)
            ->selectRaw('min(p.keep_minor)');
    }
}
