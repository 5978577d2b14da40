<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Http\Api;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use WindowStall\Core\Pricing\Recipe\Fields;
use WindowStall\Core\Pricing\Sale\PriceQuestion;

/** POST /api/v1/price-trials: what a sale would come to, from nothing but what is asked; decimal strings in and out. */
final class PriceTrialsController
{
    public function __invoke(Request $request): JsonResponse
    {
        $asked = json_decode($request->getContent(), true);
        if (! is_array($asked)) {
            return self::refuse(['' => 'The body has to be a JSON object.']);
        }
        $fields = new Fields($asked);
        $answer = PriceQuestion::read($fields)?->answer($fields);

        return $answer === null ? self::refuse($fields->problems()) : new JsonResponse($answer);
    }

    /** @param  array<string, string>  $problems */
    private static function refuse(array $problems): JsonResponse
    {
        return new JsonResponse(
            [
                'message' => (string) reset($problems),
                'errors' => array_map(static fn (string $sentence): array => [$sentence], $problems),
            ],
            422,
        );
    }
}
