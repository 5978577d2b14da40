<?php

declare(strict_types=1);

namespace WindowStall\Bench;

/**
 * Somebody else changed a listing since this person saw it. Nothing was saved; what they typed is theirs to keep or let
 * go.
 */
final class Stale extends \RuntimeException
{
    public function __construct(public readonly int $listing)
    {
        parent::__construct(
            'This listing was changed meanwhile, by somebody else or in another window. What you typed is still '.
                'here: save it over what stands, or take what stands.',
        );
    }
}
