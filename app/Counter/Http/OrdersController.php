<?php

declare(strict_types=1);

namespace WindowStall\Counter\Http;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Inertia\Inertia;
use Inertia\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;
use WindowStall\Counter\Desk\AllOrders;
use WindowStall\Counter\Desk\OrderSheet;
use WindowStall\Counter\Order;
use WindowStall\Counter\Views\OrderRowView;
use WindowStall\Stall\Stall;
use WindowStall\Support\Http\Cursors;
use WindowStall\Support\Http\Typed;
use WindowStall\Support\Refusal;

/** All orders: found, narrowed, kept as searches, and out as a file. */
final class OrdersController
{
    private const SEARCHES = 20;

    /** The most a handful of orders may be. */
    private const HANDFUL = 500;

    public function index(Request $request, Stall $stall): Response
    {
        $by = self::asked($request);
        $page = AllOrders::by($stall, $by)
            ->with(['lines', 'supplierOrders', 'refunds', 'parcels'])
            ->orderByDesc('id')
            ->cursorPaginate(40, cursor: Cursors::byId($request));

        return Inertia::render('counter/OrdersPage', [
            'orders' => collect($page->items())->map(static fn (Order $o): OrderRowView => OrderRowView::of($stall, $o))->all(),
            'by' => $by + ['q' => '', 'stands' => '', 'from' => '', 'to' => '', 'country' => ''],
            'stands' => AllOrders::STANDS,
            'searches' => DB::table('order_searches')
                ->where('stall_id', $stall->id)
                ->orderBy('name')
                ->get(['id', 'name', 'query'])
                ->map(static fn (\stdClass $one): array => [
                    'id' => (int) $one->id,
                    'name' => (string) $one->name,
                    'query' => http_build_query((array) json_decode((string) $one->query, true)),
                ])
                ->all(),
            'next' => $page->nextCursor()?->encode(),
            'previous' => $page->previousCursor()?->encode(),
        ]);
    }

    /** The orders that were picked, or all that were found, as CSV or JSON, a row for each line of an order. */
    public function export(Request $request, Stall $stall): StreamedResponse
    {
        $ids = array_slice(array_filter(array_map(intval(...), explode(',', Typed::text($request, 'only')))), 0, self::HANDFUL);
        $orders = AllOrders::by($stall, self::asked($request))
            ->when($ids !== [], static fn (Builder $q) => $q->whereKey($ids))
            ->with(['lines.supplierVariant', 'supplierOrders.connection', 'refunds', 'parcels', 'stall']);
        $json = Typed::text($request, 'as') === 'json';
        $name = 'orders-'.now()->format('Y-m-d').($json ? '.json' : '.csv');

        return response()->streamDownload(
            static fn () => $json ? OrderSheet::json($orders) : OrderSheet::csv($orders),
            $name,
            ['Content-Type' => $json ? 'application/json' : 'text/csv; charset=utf-8'],
        );
    }

    public function keep(Request $request, Stall $stall): RedirectResponse
    {
        $name = mb_substr(Typed::text($request, 'name'), 0, 60);
        $searches = DB::table('order_searches')->where('stall_id', $stall->id);
        if ($name === '') {
            throw new Refusal('Give the search a name.');
        }
        if ((clone $searches)->where('name', '<>', $name)->count() >= self::SEARCHES) {
            throw new Refusal(sprintf('No more than %d searches are kept. Let one go first.', self::SEARCHES));
        }
        DB::table('order_searches')->updateOrInsert(
            ['stall_id' => $stall->id, 'name' => $name],
            ['query' => json_encode((object) self::asked($request), JSON_THROW_ON_ERROR)],
        );

        return back()->with('say', 'Kept as “'.$name.'”.');
    }

    public function letGo(Stall $stall, int $search): RedirectResponse
    {
        DB::table('order_searches')->where('stall_id', $stall->id)->where('id', $search)->delete();

        return back();
    }

    /** @return array{q?: string, stands?: string, from?: string, to?: string, country?: string} */
    private static function asked(Request $request): array
    {
        $by = [];
        foreach (['q', 'stands', 'from', 'to', 'country'] as $part) {
            $by[$part] = mb_substr(Typed::text($request, $part), 0, 120);
        }

        return array_filter($by, static fn (string $said): bool => $said !== '');
    }
}
