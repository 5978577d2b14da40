<?php

declare(strict_types=1);

namespace WindowStall\Opening\Views;

use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;

/** When a closed shop opens by itself. */
final readonly class OpensView
{
    /**
     * @param  string  $at  "2026-12-05T09:00", by the stall's clock; "" where it doesn't by itself
     * @param  string  $words  "Sat 5 Dec, 09:00"
     */
    public function __construct(public string $at, public string $words)
    {
    }

    public static function of(Stall $stall): self
    {
        $clock = Clock::of($stall);

        return $stall->opens_at === null
            ? new self('', '')
            : new self($clock->local($stall->opens_at)->format('Y-m-d\TH:i'), $clock->near($stall->opens_at));
    }
}
