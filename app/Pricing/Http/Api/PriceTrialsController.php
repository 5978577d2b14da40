<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Http\Api;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use WindowStall\Core\Pricing\Recipe\Fields;
use WindowStall\Core\Pricing\Sale\PriceQuestion;

/** POST /api/v1/price-trials: what a sale would come to, from nothing but what is asked; decimal strings in and out. */
final class PriceTrialsController
{
    public function __invoke(Request $request): JsonResponse
    {
        $asked = json_decode($request->getContent());
        if (! $asked instanceof \stdClass) {
            throw ValidationException::withMessages(['body' => 'A JSON object belongs here.']);
        }
        $fields = new Fields((array) json_decode($request->getContent(), true), self::lists($asked));
        $answer = PriceQuestion::read($fields)?->answer($fields);

        return $answer === null
            ? throw ValidationException::withMessages($fields->problems())
            : new JsonResponse($answer);
    }

    /**
     * PHP's arrays don't tell an empty list from an object without fields.
     *
     * @return list<string> the paths at which a list stands
     */
    private static function lists(mixed $written, string $path = ''): array
    {
        $below = [];
        foreach (is_object($written) || is_array($written) ? (array) $written : [] as $key => $value) {
            $below[] = self::lists($value, $path === '' ? (string) $key : $path.'.'.$key);
        }

        return [...is_array($written) ? [$path] : [], ...array_merge(...$below)];
    }
}
