<?php

declare(strict_types=1);

namespace WindowStall\Support\Http;

use Symfony\Component\HttpKernel\Exception\HttpException;

/** Asked for more than is done at once; trying again soon helps. */
final class Busy extends HttpException
{
    public static function atOnce(): self
    {
        return new self(
            429,
            'Several such things are being worked on for this stall already. Wait until one has ended, then try again.',
            headers: ['Retry-After' => '5'],
        );
    }
}
