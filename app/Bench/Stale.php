<?php

declare(strict_types=1);

namespace WindowStall\Bench;

use Illuminate\Http\JsonResponse;
use WindowStall\Support\Http\AnswersItself;

/**
 * Somebody else changed a listing since this person saw it. Nothing was saved; what they typed is theirs to keep or let
 * go.
 */
final class Stale extends \RuntimeException implements AnswersItself
{
    public function __construct(public readonly int $listing)
    {
        parent::__construct(
            'This listing was changed meanwhile, by somebody else or in another window. What you typed is still '.
                'here: save it over what stands, or take what stands.',
        );
    }

    public function render(): JsonResponse
    {
        return new JsonResponse(['message' => $this->getMessage(), 'stale' => true], 409);
    }
}
