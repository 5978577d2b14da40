<?php

declare(strict_types=1);

namespace WindowStall\Source\Http;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use WindowStall\Bench\TakeToBench;
use WindowStall\Source\FindItems;
use WindowStall\Source\Views\ConnectionView;
use WindowStall\Source\Views\ItemRowView;
use WindowStall\Stall\Stall;

final class SourceController
{
    public function index(Request $request, Stall $stall, FindItems $find): Response
    {
        $words = mb_substr($request->string('q')->trim()->toString(), 0, 200);
        $sort = $request->string('sort')->toString();
        $page = $find($stall, $words, $sort);

        return Inertia::render('source/SourcePage', [
            'connections' => $stall->connections()->orderBy('id')->get()->map(fn ($c) => ConnectionView::of($c))->all(),
            'items' => collect($page->items())->map(fn ($item) => ItemRowView::of($stall, $item))->all(),
            'words' => $words,
            'sort' => $find->known($sort),
            'sorts' => FindItems::SORTS,
            'found' => $find->count($stall, $words),
            'next' => $page->nextCursor()?->encode(),
            'previous' => $page->previousCursor()?->encode(),
            'market' => $stall->marketName(),
        ]);
    }

    public function take(Request $request, Stall $stall, TakeToBench $take): RedirectResponse
    {
        $typed = $request->validate(['items' => 'required|array|min:1|max:200', 'items.*' => 'integer'], ['items.max' => 'Take up to 200 items at once.', 'items.required' => 'Choose an item first.']);
        $taken = $take($stall, $typed['items']);
        if (count($taken->new) === 1) {
            return redirect()->route('bench.listing', [$stall, $taken->new[0]]);
        }

        return back()->with('say', $taken->words());
    }
}
