<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Jobs;

use Illuminate\Validation\ValidationException;
use WindowStall\Bench\Jobs\StepJob;
use WindowStall\Bench\Undo\BenchChange;
use WindowStall\Pricing\PriceByHand;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Support\Refusal;

/** Prices set by hand for so many variants that nobody waits for it. */
final class PriceManyByHand extends StepJob
{
    protected function step(Stall $stall, ?User $by, array $said): BenchChange
    {
        try {
            return app(PriceByHand::class)($stall, $by, $said['variants'], $said['typed']);
        } catch (ValidationException $e) {
            throw new Refusal((string) collect($e->errors())->flatten()->first());
        }
    }
}
