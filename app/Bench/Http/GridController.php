<?php

declare(strict_types=1);

namespace WindowStall\Bench\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;
use WindowStall\Bench\CleanWay;
use WindowStall\Bench\DeleteListings;
use WindowStall\Bench\Filing;
use WindowStall\Bench\Jobs\CleanUpListings;
use WindowStall\Bench\Jobs\EditManyListings;
use WindowStall\Bench\Jobs\PlaceMany;
use WindowStall\Bench\Jobs\UndoStep;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingState;
use WindowStall\Bench\MakeUp\JoinListings;
use WindowStall\Bench\Patch\Cells;
use WindowStall\Bench\Patch\EditMany;
use WindowStall\Bench\Patch\Patched;
use WindowStall\Bench\Undo\BenchChange;
use WindowStall\Bench\Undo\StepDone;
use WindowStall\Bench\Undo\Undo;
use WindowStall\Bench\Views\DoneView;
use WindowStall\Bench\Views\GridAnswerView;
use WindowStall\Bench\Views\GridRowView;
use WindowStall\Bench\Views\JoinedView;
use WindowStall\Bench\Views\PlacedManyView;
use WindowStall\Bench\Views\TakenBackView;
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
            ->when($state !== null, fn ($q) => $q->where('state', $state))
            ->when($tag !== '', fn ($q) => $q->whereJsonContains('own_tags', $tag))
            ->orderByDesc('id')
            ->cursorPaginate(self::PAGE, cursor: Cursors::byId($request))
            ->withQueryString();

        return Inertia::render('bench/GridPage', [
            'rows' => collect($page->items())->map(fn (Listing $l): GridRowView => GridRowView::of($stall, $l))->all(),
            'state' => $state?->value,
            'tag' => $tag,
            'tags' => Filing::tags($stall),
            'types' => Filing::types($stall),
            'next' => $page->nextCursor()?->encode(),
            'previous' => $page->previousCursor()?->encode(),
        ]);
    }

    public function cells(Request $request, Stall $stall, EditMany $edit): JsonResponse
    {
        $typed = $request->validate([
            'cells' => 'required|array|min:1|max:10000',
            'cells.*.listing' => 'required|integer',
            'cells.*.field' => ['required', Rule::in(array_keys(Cells::COLUMNS))],
            'cells.*.value' => 'present|nullable|string|max:2000',
        ]);
        $cells = array_map(
            static fn (array $c): array => [
                'listing' => (int) $c['listing'],
                'field' => $c['field'],
                'value' => (string) $c['value'],
            ],
            array_values($typed['cells']),
        );

        $ids = array_values(array_unique(array_column($cells, 'listing')));
        if (count($ids) > EditMany::AT_ONCE) {
            return self::later($request, $stall, ['way' => 'cells', 'cells' => $cells]);
        }

        return $this->answer(
            $stall,
            $ids,
            $edit->cells($stall, User::asking($request), $cells),
        );
    }

    public function replace(Request $request, Stall $stall, EditMany $edit): JsonResponse
    {
        $typed = $request->validate(
            self::CHOSEN + [
                'field' => ['required', Rule::in(array_keys(Cells::COLUMNS))],
                'find' => 'required|string|max:200',
                'with' => 'present|nullable|string|max:200',
            ],
            ['find.required' => 'Say what to find.'],
        );
        if (count(Typed::ids($typed)) > EditMany::AT_ONCE) {
            return self::later($request, $stall, ['way' => 'replace'] + $typed);
        }
        $patched = $edit->replace(
            $stall,
            User::asking($request),
            Typed::ids($typed),
            $typed['field'],
            $typed['find'],
            (string) $typed['with'],
        );

        return $this->answer(
            $stall,
            array_keys($patched->patches),
            $patched,
            sprintf('“%s” stands in none of them.', $typed['find']),
        );
    }

    public function tags(Request $request, Stall $stall, EditMany $edit): JsonResponse
    {
        $typed = $request->validate(
            self::CHOSEN + [
                'add' => 'present|array|max:30',
                'add.*' => 'string|max:40',
                'remove' => 'present|array|max:30',
                'remove.*' => 'string|max:40',
            ],
        );
        if (count(Typed::ids($typed)) > EditMany::AT_ONCE) {
            return self::later($request, $stall, ['way' => 'tags'] + $typed);
        }

        return $this->answer(
            $stall,
            Typed::ids($typed),
            $edit->tags(
                $stall,
                User::asking($request),
                Typed::ids($typed),
                array_values($typed['add']),
                array_values($typed['remove']),
            ),
        );
    }

    /** Clears the chosen listings of what a supplier left in them, as a run that can be watched. */
    public function clean(Request $request, Stall $stall): JsonResponse
    {
        $typed = $request->validate(
            self::CHOSEN + ['ways' => 'required|array|min:1', 'ways.*' => Rule::enum(CleanWay::class)],
            ['ways.required' => 'Say what is to be cleaned up.'],
        );
        $run = Run::of($stall)->create([
            'kind' => RunKind::Edit,
            'subject' => [
                'listings' => Typed::ids($typed),
                'ways' => array_values(array_unique($typed['ways'])),
            ],
            'user_id' => User::asking($request)?->id,
            'state' => RunState::Waiting,
        ]);

        return new JsonResponse(RunView::of($run->begin(CleanUpListings::class)->refresh()));
    }

    public function destroy(Request $request, Stall $stall, DeleteListings $delete): JsonResponse
    {
        $change = $delete($stall, User::asking($request), Typed::ids($request->validate(self::CHOSEN)));

        return new JsonResponse(DoneView::of($change));
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
        $ids = Typed::ids($typed);
        $listings = Listing::of($stall)
            ->whereKey($ids)
            ->get()
            ->sortBy(static fn (Listing $l): int => (int) array_search($l->id, $ids, true))
            ->values();
        $values = array_map(strval(...), $typed['values']);
        $joined = static fn (): StepDone => new StepDone(
            words: sprintf('%d listings joined', count($ids)),
            result: $join($stall, $listings, (string) $typed['option'], $values),
        );
        [$change, $listing] = $undo->whileLocked($stall, User::asking($request), $ids, $joined);

        return new JsonResponse(new JoinedView(listing: $listing->id, change: $change->id));
    }

    /** Puts many in the window, in the background. */
    public function place(Request $request, Stall $stall): JsonResponse
    {
        $run = Run::of($stall)
            ->create([
                'kind' => RunKind::Place,
                'subject' => ['listings' => Typed::ids($request->validate(self::CHOSEN))],
                'user_id' => User::asking($request)?->id,
                'state' => RunState::Waiting,
            ]);
        $run->begin(PlaceMany::class);

        return new JsonResponse(RunView::of($run->refresh()));
    }

    /** What putting many in the window came to. */
    public function placed(Stall $stall, Run $run): JsonResponse
    {
        return new JsonResponse(PlacedManyView::of($run));
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
                    'user_id' => User::asking($request)?->id,
                    'state' => RunState::Waiting,
                ]);

            return new JsonResponse(new TakenBackView(RunView::of($run->begin(UndoStep::class)->refresh())));
        }
        $undo->take($stall, $step, $only === null ? null : Typed::ids(['listings' => $only]));

        return new JsonResponse(new TakenBackView(null));
    }

    /** What an edit of many came to. */
    public function step(Stall $stall, Run $run): JsonResponse
    {
        $step = BenchChange::query()->where('stall_id', $stall->id)->find((int) ($run->subject['change'] ?? 0));

        return new JsonResponse($step === null ? new DoneView(0, 'It stands so already') : DoneView::of($step));
    }

    /** @param  array<string, mixed>  $said */
    private static function later(Request $request, Stall $stall, array $said): JsonResponse
    {
        if (isset($said['listings'])) {
            $said['listings'] = Typed::ids($said);
        }
        $run = EditManyListings::start($stall, User::asking($request), $said);

        return new JsonResponse(new GridAnswerView(rows: [], change: null, words: '', run: RunView::of($run)));
    }

    private const CHOSEN = ['listings' => 'required|array|min:1|max:2000', 'listings.*' => 'integer'];

    /**
     * @param  list<int>  $ids
     * @param  string  $same  what is said when nothing differed
     */
    private function answer(
        Stall $stall,
        array $ids,
        Patched $patched,
        string $same = 'It stands so already.',
    ): JsonResponse {
        $rows = Listing::of($stall)
            ->with(['pictures', 'supplierItem.connection'])
            ->withCount('variants')
            ->whereKey($ids)
            ->get()
            ->map(fn (Listing $l): GridRowView => GridRowView::of($stall, $l))
            ->all();

        return new JsonResponse(
            new GridAnswerView(
                rows: array_values($rows),
                change: $patched->step?->id,
                words: $patched->step->words ?? $same,
                run: null,
            ),
        );
    }
}
