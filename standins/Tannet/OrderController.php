<?php

declare(strict_types=1);

namespace WindowStall\Standins\Tannet;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Validator;

/** Tannet's JSON interface for what is to be printed: files, orders, where news is sent. */
final class OrderController
{
    /** Bytes of a print file, at most. */
    private const MOST = 250 * 1_048_576;

    /** PUT /api/files/{sha256}: the file itself as the body. The same file again changes nothing. */
    public function file(Request $request, string $sha256): JsonResponse
    {
        $bytes = $request->getContent();
        if (strlen($bytes) > self::MOST || hash('sha256', $bytes) !== $sha256) {
            return self::error(422, 'What came isn’t the file that was announced.');
        }
        $looked = self::look($bytes);
        if ($looked === null) {
            return self::error(422, 'A print file is a PNG or a PDF of one page.');
        }
        [$type, $width, $height] = $looked;
        Books::db()->table('files')->insertOrIgnore([
            'key' => (string) $request->bearerToken(),
            'sha256' => $sha256,
            'type' => $type,
            'width' => $width,
            'height' => $height,
            'bytes' => strlen($bytes),
            'created_at' => now(),
        ]);

        return new JsonResponse(['file' => $sha256]);
    }

    /** GET /api/files/{sha256}: whether it is here. */
    public function known(Request $request, string $sha256): JsonResponse
    {
        return new JsonResponse([
            'here' => Books::db()->table('files')->where('key', $request->bearerToken())->where('sha256', $sha256)->exists(),
        ]);
    }

    /** POST /api/orders/test: as an order; nothing comes of it. */
    public function tryOrder(Request $request, TryOrder $try): JsonResponse
    {
        $check = self::check($request);
        if ($check->fails()) {
            return self::error(422, (string) $check->errors()->first());
        }
        try {
            return new JsonResponse(['would' => $try(
                (string) $request->bearerToken(),
                $request->string('reference')->toString(),
                $request->input('lines'),
                $request->input('address'),
                array_values($request->input('extras', [])),
            )]);
        } catch (Refused $refused) {
            return self::error(409, $refused->getMessage());
        }
    }

    private static function check(Request $request): \Illuminate\Contracts\Validation\Validator
    {
        return Validator::make($request->all(), [
            'reference' => 'required|string|max:80',
            'lines' => 'required|array|min:1|max:100',
            'lines.*.sku' => 'required|string|max:80',
            'lines.*.quantity' => 'required|integer|min:1|max:999',
            'lines.*.prints' => 'present|array|max:10',
            'lines.*.prints.*.area' => 'required|string|max:40',
            'lines.*.prints.*.method' => 'required|string|max:40',
            'lines.*.prints.*.file' => 'required|string|size:64',
            'lines.*.prints.*.width_mm' => 'required|numeric|min:1|max:5000',
            'lines.*.prints.*.height_mm' => 'required|numeric|min:1|max:5000',
            'lines.*.prints.*.dpi' => 'required|integer|min:1|max:2400',
            'extras' => 'sometimes|array|max:10',
            'extras.*' => 'string|max:20',
            'address.name' => 'required|string|max:120',
            'address.street' => 'required|string|max:200',
            'address.town' => 'required|string|max:120',
            'address.postcode' => 'required|string|max:20',
            'address.country' => 'required|string|size:2',
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
                (string) $request->bearerToken(),
                $key,
                $request->string('reference')->toString(),
                $request->input('lines'),
                $request->input('address'),
                array_values($request->input('extras', [])),
            );
        } catch (Refused $refused) {
            return self::error(409, $refused->getMessage());
        }

        return new JsonResponse(self::said($order), $new ? 201 : 200);
    }

    public function state(Request $request, int $id): JsonResponse
    {
        $order = self::mine($request, $id);

        return $order === null ? self::error(404, 'No such order.') : new JsonResponse(self::said($order));
    }

    public function cancel(Request $request, int $id): JsonResponse
    {
        $order = self::mine($request, $id);
        if ($order === null) {
            return self::error(404, 'No such order.');
        }
        if ($order->state !== 'cancelled' && ! News::move($order, 'cancelled')) {
            return self::error(409, 'It is '.$order->state.'; too late to cancel.');
        }

        return new JsonResponse(self::said(self::mine($request, $id) ?? $order));
    }

    public function extras(): JsonResponse
    {
        return new JsonResponse([
            'currency' => 'EUR',
            'extras' => array_map(
                static fn (string $code, array $e): array => ['code' => $code, 'name' => $e[0], 'cost' => $e[1]],
                array_keys(Books::EXTRAS),
                Books::EXTRAS,
            ),
        ]);
    }

    /** GET /api/stock?skus=a,b: pieces now; what isn't printed on any more is missing. */
    public function stock(Request $request): JsonResponse
    {
        $asked = array_flip(array_slice(explode(',', $request->string('skus')->toString()), 0, 200));
        $stock = [];
        foreach (Books::blanks() as $blank) {
            foreach ($blank['variants'] as $variant) {
                if (isset($asked[$variant['sku']])) {
                    $stock[$variant['sku']] = $variant['stock'];
                }
            }
        }

        return new JsonResponse(['stock' => (object) $stock]);
    }

    public function hooked(Request $request): JsonResponse
    {
        return new JsonResponse([
            'address' => Books::db()->table('hooks')->where('key', $request->bearerToken())->value('address'),
        ]);
    }

    /** PUT /api/hook {address, secret}: where news is sent, signed with the secret. */
    public function hook(Request $request): JsonResponse
    {
        $check = Validator::make($request->all(), [
            'address' => 'required|url|max:300',
            'secret' => 'required|string|min:16|max:120',
        ]);
        if ($check->fails()) {
            return self::error(422, (string) $check->errors()->first());
        }
        Books::db()->table('hooks')->updateOrInsert(
            ['key' => (string) $request->bearerToken()],
            ['address' => $request->input('address'), 'secret' => $request->input('secret')],
        );

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
            'currency' => 'EUR',
            'carrier' => $order->carrier,
            'tracking' => $order->tracking,
            'reason' => $order->reason,
        ];
    }

    /** @return array{string, int, int}|null media type, and pixels or points each way */
    private static function look(string $bytes): ?array
    {
        if (str_starts_with($bytes, '%PDF-')) {
            return preg_match('~/MediaBox\s*\[\s*0\s+0\s+([\d.]+)\s+([\d.]+)~', $bytes, $m) === 1
                ? ['application/pdf', (int) round((float) $m[1]), (int) round((float) $m[2])]
                : null;
        }
        $size = @getimagesizefromstring($bytes);

        return $size !== false && $size[2] === IMAGETYPE_PNG ? ['image/png', $size[0], $size[1]] : null;
    }

    private static function mine(Request $request, int $id): ?\stdClass
    {
        return Books::db()->table('orders')->where('key', $request->bearerToken())->where('id', $id)->first();
    }

    private static function error(int $status, string $sentence): JsonResponse
    {
        return new JsonResponse(['error' => $sentence], $status);
    }
}
