<?php

declare(strict_types=1);

namespace WindowStall\Counter\Http\Api;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use WindowStall\Counter\People\People;
use WindowStall\Counter\People\Person;
use WindowStall\Stall\Http\TokensStall;
use WindowStall\Support\Api\Page;

/** People as programs read them: made from their paid orders. */
final class PeopleController
{
    public function __invoke(Request $request): JsonResponse
    {
        $stall = TokensStall::of($request);
        $page = Page::of($request);

        return $page->answer(collect(People::after($stall, $page->after, $page->limit + 1)), static fn (Person $one): array => [
            'id' => $one->id,
            'email' => $one->email,
            'name' => $one->name,
            'orders' => $one->orders,
            'spent' => $stall->money($one->spent)->digits(),
            'first_at' => $one->firstAt->toIso8601ZuluString(),
            'last_at' => $one->lastAt->toIso8601ZuluString(),
        ]);
    }
}
