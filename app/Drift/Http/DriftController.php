<?php

declare(strict_types=1);

namespace WindowStall\Drift\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;
use WindowStall\Core\Drift\ChangeGroup;
use WindowStall\Drift\Deciding\Decide;
use WindowStall\Drift\Desk\Desk;
use WindowStall\Drift\Desk\DeskFilter;
use WindowStall\Drift\Views\DeskView;
use WindowStall\Drift\Views\LineView;
use WindowStall\Drift\Views\SetBackView;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Support\Http\Cursors;
use WindowStall\Support\Http\Typed;

/** The drift desk: what suppliers changed, grouped by what happened, and what a person decides about it. */
final readonly class DriftController
{
    private const PAGE = 40;

    public function index(Request $request, Stall $stall): Response
    {
        $filter = DeskFilter::of($request);
        $desk = DeskView::of($stall, $filter);
        $open = Typed::text($request, 'open');
        $open = $open !== '' ? $open : $desk->groups[0]->key ?? '';
        $page =
            $open === 'quiet'
                ? $filter->narrow(Desk::quiet($stall))
                : $this->group($stall, $open, $filter)?->orderByDesc('id');
        $lines = $page?->with('listing.pictures')->cursorPaginate(self::PAGE, cursor: Cursors::byId($request));

        return Inertia::render('drift/DriftPage', [
            'desk' => $desk,
            'open' => $open,
            'lines' => $lines === null ? [] : LineView::list($stall, collect($lines->items())),
            'next' => $lines?->nextCursor()?->encode(),
        ]);
    }

    /** Lets changes count, or keeps what was agreed: those that are named, or a whole group. */
    public function decide(Request $request, Stall $stall, Decide $decide): RedirectResponse
    {
        $typed = $request->validate([
            'changes' => 'required_without:group|array|min:1|max:'.Decide::MOST,
            'changes.*' => 'integer|min:1|max:9000000000000000',
            'group' => 'required_without:changes|string|max:60',
            'q' => 'sometimes|nullable|string|max:80',
            'floor' => 'sometimes|nullable|string|max:1',
            'agree' => 'required|boolean',
            'for' => ['required', Rule::in(['once', 'listing', 'supplier'])],
        ]);
        $group = isset($typed['group'])
            ? $this->group($stall, (string) $typed['group'], DeskFilter::of($request))
            : null;
        $named = isset($typed['group'])
            ? $group?->limit(Decide::MOST)?->pluck('id')->all() ?? []
            : (array) $typed['changes'];
        $ids = array_values(array_map(intval(...), $named));
        $step = $decide($stall, self::person($request), $ids, (bool) $typed['agree'], $typed['for']);

        return back()->with('say', ucfirst($step->words).'.');
    }

    /** Sets back what was followed by itself. */
    public function setBack(Request $request, Stall $stall, Decide $decide): RedirectResponse|JsonResponse
    {
        $typed = $request->validate([
            'changes' => 'required|array|min:1|max:500',
            'changes.*' => 'integer|min:1|max:9000000000000000',
        ]);
        $ids = array_values(array_map(intval(...), (array) $typed['changes']));
        $step = $decide->setBack($stall, self::person($request), $ids);
        $said = ucfirst($step->words).'.';

        return $request->wantsJson() ? new JsonResponse(new SetBackView($said)) : back()->with('say', $said);
    }

    /** @return \Illuminate\Database\Eloquent\Builder<\WindowStall\Drift\DriftChange>|null */
    private function group(Stall $stall, string $key, DeskFilter $filter): ?\Illuminate\Database\Eloquent\Builder
    {
        $parts = explode('-', $key, 2);
        $group = ChangeGroup::tryFrom($parts[1] ?? '');

        return $group === null || preg_match('/^\d{1,15}$/D', $parts[0]) !== 1
            ? null
            : $filter->narrow(Desk::waiting($stall, (int) $parts[0], $group));
    }

    private static function person(Request $request): User
    {
        /** @var User */
        return $request->user();
    }
}
