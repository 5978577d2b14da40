<?php

declare(strict_types=1);

namespace WindowStall\Support\Api;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Collection;

/** A page of a list in the API, paged by key: ?after= the last id of the page before, ?limit= up to 200. */
final readonly class Page
{
    public const USUAL = 100;

    public const MOST = 200;

    private function __construct(public int $after, public int $limit)
    {
    }

    public static function of(Request $request): self
    {
        $typed = $request->validate(
            ['after' => 'sometimes|integer|min:0', 'limit' => 'sometimes|integer|min:1|max:'.self::MOST],
            [
                'limit.*' => 'A whole number from 1 to '.self::MOST.' belongs here.',
                'after.*' => 'The id of the last entry of the page before belongs here.',
            ],
        );

        return new self((int) ($typed['after'] ?? 0), (int) ($typed['limit'] ?? self::USUAL));
    }

    /**
     * @template T
     *
     * @param  Collection<int, T>  $rows  one more than the limit, if there are so many
     * @param  callable(T): array<string, mixed>  $say  an entry as the API says it, with its "id"
     */
    public function answer(Collection $rows, callable $say): JsonResponse
    {
        $data = array_values($rows->take($this->limit)->map($say)->all());
        $last = end($data);

        return new JsonResponse([
            'data' => $data,
            'next' => $rows->count() > $this->limit && is_array($last) ? $last['id'] : null,
        ]);
    }
}
