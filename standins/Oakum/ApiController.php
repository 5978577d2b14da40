<?php

declare(strict_types=1);

namespace WindowStall\Standins\Oakum;

use Illuminate\Database\Query\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Validator;

/** Oakum's JSON interface. Every answer but 2xx is {"error": sentence}. */
final class ApiController
{
    private const PAGE = 25;

    private const LARGEST_PAGE = 200;

    public function account(Request $request): JsonResponse
    {
        $account = $request->attributes->get('account');

        return new JsonResponse([
            'account' => $account->name,
            'balance' => $account->balance,
            'most_pieces' => Terms::MOST_PIECES,
            'ahead' => Lots::of($account->key),
            'currency' => 'USD',
            'warehouses' => ['GB', 'DE', 'CN', 'US'],
            'items' => Books::table('items')->count(),
        ]);
    }

    /** GET /v1/extras: what can be laid into an order, in US cents for each. */
    public function extras(): JsonResponse
    {
        return new JsonResponse([
            'currency' => 'USD',
            'extras' => array_map(
                static fn (string $code, array $one): array => ['code' => $code] + $one,
                array_keys(Terms::EXTRAS),
                array_values(Terms::EXTRAS),
            ),
        ]);
    }

    /** GET /v1/items?after=…&limit=…: a page of items with their variants, and the cursor of the next page or null. */
    public function items(Request $request): JsonResponse
    {
        $size = min(self::LARGEST_PAGE, max(1, $request->integer('limit', self::PAGE)));
        $theirs = self::theirs($request);
        $rows = Books::table('items')
            ->where('gone', false)
            ->where($theirs)
            ->where('id', '>', $request->string('after')->toString())
            ->orderBy('id')
            ->limit($size + 1)
            ->get();
        $page = $rows->take($size);
        $variants = Books::table('variants')
            ->whereIn('item_id', $page->pluck('id'))
            ->where('dropped', false)
            ->orderBy('position')
            ->get()
            ->groupBy('item_id');

        return new JsonResponse([
            'items' => $page
                ->map(fn (\stdClass $item): array => $this->item($item, $variants->get($item->id)?->all() ?? []))
                ->values(),
            'next' => $rows->count() > $size ? $page->last()?->id : null,
            'total' => Books::table('items')->where('gone', false)->where($theirs)->count(),
        ]);
    }

    /** What is made for one account only that one sees. */
    private static function theirs(Request $request): \Closure
    {
        $key = $request->attributes->get('account')->key;

        return static fn (Builder $q): Builder => $q->whereNull('made_for')->orWhere('made_for', $key);
    }

    public function one(Request $request, string $id): JsonResponse
    {
        $item = Books::table('items')->where('gone', false)->where(self::theirs($request))->where('id', $id)->first();
        if ($item === null) {
            return self::error(404, 'No item has that code.');
        }

        return new JsonResponse(
            $this->item(
                $item,
                Books::table('variants')
                    ->where('item_id', $id)
                    ->where('dropped', false)
                    ->orderBy('position')
                    ->get()
                    ->all(),
            ),
        );
    }

    /** GET /v1/stock?variants=a,b: pieces by warehouse, now. A variant that isn't sold any more is missing. */
    public function stock(Request $request): JsonResponse
    {
        $ids = array_slice(array_filter(explode(',', $request->string('variants')->toString())), 0, 200);
        $rows = Books::table('variants')->whereIn('id', $ids)->where('dropped', false)->pluck('stock', 'id');

        return new JsonResponse([
            'stock' => (object) $rows->map(static fn (string $s): object => (object) json_decode($s, true))->all(),
        ]);
    }

    /**
     * GET /v1/moving?variants=a,b: cost in US cents and pieces by warehouse, now. A variant that isn't sold any more is
     * missing.
     */
    public function moving(Request $request): JsonResponse
    {
        $ids = array_slice(array_filter(explode(',', $request->string('variants')->toString())), 0, 200);
        $rows = Books::table('variants')->whereIn('id', $ids)->where('dropped', false)->get();

        return new JsonResponse([
            'variants' => (object) $rows
                ->mapWithKeys(
                    static fn (\stdClass $v): array => [
                        $v->id => ['cost' => (int) $v->cost, 'stock' => (object) json_decode($v->stock, true)],
                    ],
                )
                ->all(),
        ]);
    }

    /**
     * POST /v1/quotes {parcels: [{warehouse, destination, grams, method?}]}: methods with price in US cents and days,
     * parcel by parcel.
     */
    public function quotes(Request $request): JsonResponse
    {
        $check = Validator::make($request->all(), [
            'parcels' => 'required|array|max:400',
            'parcels.*.warehouse' => 'required|string|size:2',
            'parcels.*.destination' => 'required|string|size:2',
            'parcels.*.grams' => 'required|integer|min:1|max:200000',
            'parcels.*.method' => 'nullable|string',
        ]);
        if ($check->fails()) {
            return self::error(422, (string) $check->errors()->first());
        }
        /** @var list<array{warehouse: string, destination: string, grams: int, method?: string}> $parcels */
        $parcels = $request->input('parcels');

        return new JsonResponse([
            'quotes' => array_map(
                static fn (array $p): array => array_values(
                    array_filter(
                        Tariff::quote($p['warehouse'], $p['destination'], (int) $p['grams']),
                        static fn (array $q): bool => ! isset($p['method']) || $q['method'] === $p['method'],
                    ),
                ),
                $parcels,
            ),
        ]);
    }

    /** POST /v1/orders/test: as an order; nothing comes of it. */
    public function tryOrder(Request $request, TryOrder $try): JsonResponse
    {
        $check = self::check($request);
        if ($check->fails()) {
            return self::error(422, (string) $check->errors()->first());
        }
        try {
            return new JsonResponse(['would' => $try(
                $request->attributes->get('account')->key,
                $request->string('reference')->toString(),
                $request->input('lines'),
                $request->input('address'),
                array_values($request->input('extras', [])),
            )]);
        } catch (Refused $refused) {
            return self::error(409, $refused->getMessage(), $refused->kind);
        }
    }

    private static function check(Request $request): \Illuminate\Contracts\Validation\Validator
    {
        return Validator::make($request->all(), [
            'reference' => 'required|string|max:80',
            'lines' => 'required|array|min:1|max:100',
            'lines.*.variant' => 'required|string',
            'lines.*.quantity' => 'required|integer|min:1|max:999',
            'lines.*.warehouse' => 'sometimes|string|size:2',
            'extras' => 'sometimes|array|max:10',
            'extras.*' => 'string|max:20',
            'address.name' => 'required|string|max:120',
            'address.street' => 'required|string|max:200',
            'address.town' => 'required|string|max:120',
            'address.postcode' => 'required|string|max:20',
            'address.country' => 'required|string|size:2',
            'joins' => 'sometimes|integer|min:1',
        ]);
    }

    public function order(Request $request, TakeOrder $take): JsonResponse
    {
        $key = trim((string) $request->header('Idempotency-Key'));
        if ($key === '') {
            return self::error(400, 'An order needs an Idempotency-Key.');
        }
        $check = self::check($request);
        if ($check->fails()) {
            return self::error(422, (string) $check->errors()->first());
        }
        try {
            [$order, $new] = $take(
                $request->attributes->get('account')->key,
                $key,
                $request->string('reference')->toString(),
                $request->input('lines'),
                $request->input('address'),
                array_values($request->input('extras', [])),
                joins: $request->has('joins') ? $request->integer('joins') : null,
            );
        } catch (Refused $refused) {
            return self::error(409, $refused->getMessage(), $refused->kind);
        }

        return new JsonResponse(self::said($order), $new ? 201 : 200);
    }

    public function cancel(Request $request, int $id): JsonResponse
    {
        $order = Books::table('orders')
            ->where('key', $request->attributes->get('account')->key)
            ->where('id', $id)
            ->first();
        if ($order === null) {
            return self::error(404, 'No such order.');
        }
        if ($order->state !== 'cancelled' && ! News::cancel($order)) {
            return self::error(409, 'It is '.$order->state.'; too late to cancel.');
        }

        return new JsonResponse(self::said(Books::table('orders')->where('id', $id)->firstOrFail()));
    }

    public function orderState(Request $request, int $id): JsonResponse
    {
        $order = Books::table('orders')
            ->where('key', $request->attributes->get('account')->key)
            ->where('id', $id)
            ->first();

        return $order === null ? self::error(404, 'No such order.') : new JsonResponse(self::said($order));
    }

    /** GET /v1/hook: where news is sent now. */
    public function hooked(Request $request): JsonResponse
    {
        return new JsonResponse(['address' => $request->attributes->get('account')->hook_address]);
    }

    /** PUT /v1/hook {address, secret}: where news of orders is sent, signed with the secret. */
    public function hook(Request $request): JsonResponse
    {
        $check = Validator::make($request->all(), [
            'address' => 'required|url|max:300',
            'secret' => 'required|string|min:16|max:120',
        ]);
        if ($check->fails()) {
            return self::error(422, (string) $check->errors()->first());
        }
        Books::table('accounts')
            ->where('key', $request->attributes->get('account')->key)
            ->update(['hook_address' => $request->input('address'), 'hook_secret' => $request->input('secret')]);

        return new JsonResponse(['ok' => true]);
    }

    /** @return array<string, mixed> an order as the interface says it */
    public static function said(\stdClass $order): array
    {
        return [
            'id' => (int) $order->id,
            'reference' => $order->reference,
            'state' => $order->state,
            'goods' => (int) $order->goods,
            'delivery' => (int) $order->delivery,
            'extras' => (int) $order->extras_cost,
            'currency' => 'USD',
            'method' => $order->method,
            'carrier' => $order->carrier,
            'tracking' => $order->tracking,
            'reason' => $order->reason,
            'parcels' => json_decode($order->parcels, true),
            'joins' => $order->joins,
            'packed_in' => Joined::warehouses($order),
            'joined_until' => Joined::until($order)?->toIso8601ZuluString(),
        ];
    }

    public static function error(int $status, string $sentence, string $kind = ''): JsonResponse
    {
        return new JsonResponse(['error' => $sentence] + ($kind === '' ? [] : ['kind' => $kind]), $status);
    }

    /**
     * @param  array<\stdClass>  $variants
     * @return array<string, mixed>
     */
    private function item(\stdClass $item, array $variants): array
    {
        $pictures = json_decode($item->pictures, true);

        return [
            'code' => $item->id,
            'title' => $item->title,
            'description' => $item->description,
            'category' => $item->category,
            'currency' => 'USD',
            'pictures' => array_map(
                static fn (int|string $n): string => route('oakum.picture', [
                    'item' => $item->id,
                    'n' => $n,
                    'hash' => substr(hash('xxh64', (string) json_encode($pictures[$n])), 0, 8),
                ]),
                array_keys($pictures),
            ),
            'processing_days' => json_decode($item->processing, true),
            'rating' => $item->rating / 10,
            'variants' => array_map(
                static fn (\stdClass $v): array => [
                    'id' => $v->id,
                    'sku' => $v->sku,
                    'barcode' => $v->barcode,
                    'options' => json_decode($v->options, true),
                    'cost' => (int) $v->cost,
                    'rrp' => (int) $v->rrp,
                    'grams' => (int) $v->grams,
                    'stock' => (object) json_decode($v->stock, true),
                    'picture' => (int) $v->picture,
                ],
                array_values($variants),
            ),
        ];
    }
}
