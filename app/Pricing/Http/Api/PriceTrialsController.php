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
        $asked = json_decode($request->getContent(), true);
        if (! is_array($asked)) {
            throw ValidationException::withMessages(['body' => 'A JSON object belongs here.']);
        }
        $fields = new Fields($asked);
        $answer = PriceQuestion::read($fields)?->answer($fields);

        return $answer === null
            ? throw ValidationException::withMessages($fields->problems())
            : new JsonResponse($answer);
    }
}
