<?php

declare(strict_types=1);

namespace WindowStall\Standins\Oakum;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Validator;
use Illuminate\Validation\Rule;

/** What accounts ask for, over the interface. */
final class RequestController
{
    /** POST /v1/requests {kind, item?, variant?, pieces?, wished? (US cents each), words, link?, picture?} */
    public function ask(Request $request): JsonResponse
    {
        $key = trim((string) $request->header('Idempotency-Key'));
        $check = Validator::make($request->all() + ['key' => $key], [
            'key' => 'required|string|max:80',
            'kind' => ['required', Rule::in(Requests::KINDS)],
            'item' => 'required_if:kind,change|nullable|string|max:60',
            'variant' => 'required_if:kind,sample,ahead|nullable|string|max:60',
            'pieces' => 'nullable|integer|min:1|max:100000',
            'wished' => 'nullable|integer|min:1|max:10000000',
            'words' => 'required|string|max:2000',
            'link' => 'nullable|url|max:300',
            'picture' => 'nullable|url|max:300',
        ]);
        if ($check->fails()) {
            return ApiController::error(422, (string) $check->errors()->first());
        }
        $about = $request->only(['item', 'variant', 'pieces', 'wished', 'words', 'link', 'picture']);
        $made = Requests::make(
            $request->attributes->get('account')->key,
            $key,
            $request->string('kind')->toString(),
            array_filter($about, static fn (mixed $one): bool => $one !== null),
        );

        return new JsonResponse(Requests::said($made), 201);
    }

    public function show(Request $request, int $id): JsonResponse
    {
        $row = $this->theirs($request, $id);

        return $row === null ? self::unknown() : new JsonResponse(Requests::said($row));
    }

    /** POST /v1/requests/{id}/messages {words} */
    public function write(Request $request, int $id): JsonResponse
    {
        $row = $this->theirs($request, $id);
        $words = trim($request->string('words')->toString());
        $key = trim((string) $request->header('Idempotency-Key'));
        if ($row === null || $words === '' || $key === '') {
            return $row === null ? self::unknown() : ApiController::error(422, 'There is nothing in it.');
        }
        Requests::write($id, 'stall', mb_substr($words, 0, 2_000), $key);

        return new JsonResponse(Requests::said($row), 201);
    }

    /** POST /v1/requests/{id}/offers/{offer}/take {address?} */
    public function take(Request $request, int $id, int $offer, TakeOrder $order): JsonResponse
    {
        $row = $this->theirs($request, $id);
        if ($row === null) {
            return self::unknown();
        }
        try {
            Requests::take($row, $offer, $request->array('address'), $order);
        } catch (Refused $refused) {
            return ApiController::error(409, $refused->getMessage());
        }

        return new JsonResponse(Requests::said(Books::table('requests')->where('id', $id)->firstOrFail()));
    }

    private function theirs(Request $request, int $id): ?\stdClass
    {
        return Books::table('requests')->where('key', $request->attributes->get('account')->key)->where('id', $id)->first();
    }

    private static function unknown(): JsonResponse
    {
        return ApiController::error(404, 'No such request.');
    }
}
