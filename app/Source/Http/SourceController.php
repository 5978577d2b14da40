<?php

declare(strict_types=1);

namespace WindowStall\Source\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use WindowStall\Runs\Views\RunView;
use WindowStall\Source\Finding\FindItems;
use WindowStall\Source\Finding\ItemSearch;
use WindowStall\Source\Finding\PageKey;
use WindowStall\Source\Finding\SavedSearch;
use WindowStall\Source\Jobs\MoveHome;
use WindowStall\Source\Landing\LookAtMarket;
use WindowStall\Source\Pulling\FetchByLink;
use WindowStall\Source\SupplierConnection;
use WindowStall\Source\Views\ConnectionView;
use WindowStall\Source\Views\ItemRows;
use WindowStall\Source\Views\LinkedItemView;
use WindowStall\Source\Views\MovingHomeView;
use WindowStall\Source\Views\SavedSearchView;
use WindowStall\Source\Views\SearchView;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Views\Choices;
use WindowStall\Support\Http\Typed;

final class SourceController
{
    public function index(Request $request, Stall $stall, FindItems $find, LookAtMarket $markets): Response
    {
        $market = $markets->inHand($request, $stall);
        $search = ItemSearch::of($request, $stall, $market);
        $connections = SupplierConnection::of($stall)->whereNull('disconnected_at')->orderBy('id')->get();
        $found = $find($stall, $search, PageKey::read(Typed::text($request, 'cursor')));

        return Inertia::render('source/SourcePage', [
            'connections' => $connections
                ->map(fn (SupplierConnection $c): ConnectionView => ConnectionView::of($c))
                ->all(),
            'items' => ItemRows::of($stall, $search, $found->ids),
            'search' => SearchView::of($stall, $search, $found, $connections),
            'found' => $found->counts->found,
            'next' => $found->next?->encode(),
            'previous' => $found->previous?->encode(),
            'market' => $market,
            'markets' => $markets->views($stall),
            'countries' => Choices::countries(),
            'currency' => $stall->currency,
            'mostCompared' => CompareController::MOST,
            'landing' => ($run = $markets->run($stall, $market)) === null ? null : RunView::of($run),
            'saved' => SavedSearch::query()
                ->where('stall_id', $stall->id)
                ->orderBy('name')
                ->get()
                ->map(
                    fn (SavedSearch $s): SavedSearchView => new SavedSearchView(
                        id: $s->id,
                        name: $s->name,
                        url: route('source', [$stall] + $s->query),
                    ),
                )
                ->all(),
        ]);
    }

    /** Takes an item by the address of its page at a supplier. */
    public function link(Request $request, Stall $stall, FetchByLink $fetch): JsonResponse
    {
        $typed = $request->validate(
            ['address' => 'required|string|max:600'],
            ['address.required' => 'Paste the address of an item’s page.'],
        );

        return new JsonResponse(new LinkedItemView($fetch($stall, $typed['address'])->id));
    }

    /** Turns to another country; one that was never looked at is worked out first. */
    public function market(Request $request, Stall $stall, LookAtMarket $markets): RedirectResponse
    {
        $typed = $request->validate(
            [
                'market' => [
                    'required',
                    \Illuminate\Validation\Rule::in(\Symfony\Component\Intl\Countries::getCountryCodes()),
                ],
            ],
            ['market.in' => 'Choose a country from the list.'],
        );
        $markets->add($stall, $typed['market'], $request->user());

        return redirect()->route('source', [$stall, 'to' => $typed['market']]);
    }

    /** How far the move to another home market is. */
    public function home(Stall $stall): JsonResponse
    {
        $run = MoveHome::underWay($stall);

        return new JsonResponse(new MovingHomeView($run === null ? null : RunView::of($run)));
    }

    public function save(Request $request, Stall $stall): RedirectResponse
    {
        $typed = $request->validate(
            ['name' => 'required|string|max:60', 'query' => 'present|array'],
            ['name.required' => 'Give the search a name.', 'name.max' => 'A name has up to 60 letters.'],
        );
        SavedSearch::query()->updateOrCreate(
            ['stall_id' => $stall->id, 'name' => trim($typed['name'])],
            ['query' => array_intersect_key($typed['query'], array_flip(SavedSearch::PARTS))],
        );

        return back();
    }

    public function forget(Stall $stall, int $search): RedirectResponse
    {
        SavedSearch::query()->where('stall_id', $stall->id)->whereKey($search)->delete();

        return back();
    }
}
