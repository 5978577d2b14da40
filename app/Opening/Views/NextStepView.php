<?php

declare(strict_types=1);

namespace WindowStall\Opening\Views;

use WindowStall\Core\Opening\Steps\Beginning;
use WindowStall\Core\Opening\Steps\FirstStep;
use WindowStall\Opening\FirstSteps;
use WindowStall\Stall\Stall;

/** The next step of a stall whose shop was never open; before anything else, the question what it begins with. */
final readonly class NextStepView
{
    /**
     * @param  string  $step  "" where it is asked what the stall begins with
     * @param  string  $how  "3 of 9 steps are done"
     */
    public function __construct(
        public string $step,
        public string $words,
        public string $href,
        public string $how,
    ) {
    }

    /** @return self|null null where nothing is left to say */
    public static function of(Stall $stall): ?self
    {
        if ($stall->opened_at !== null || $stall->open) {
            return null;
        }
        $begins = $stall->begins_with === null ? null : Beginning::from($stall->begins_with);
        if ($begins === null) {
            return new self(step: '', words: '', href: '', how: '');
        }
        $done = FirstSteps::done($stall);
        $next = $done->next($begins, array_map(FirstStep::from(...), $stall->steps_skipped));

        return $next === null ? null : new self(
            step: $next->value,
            words: $next->words(),
            href: route(self::at($next), $stall, absolute: false),
            how: sprintf('%d of %d steps are done', $done->count($begins), count($begins->steps())),
        );
    }

    private static function at(FirstStep $step): string
    {
        return match ($step) {
            FirstStep::Supplier, FirstStep::Printer => 'source.connect',
            FirstStep::Goods => 'source',
            FirstStep::Artwork, FirstStep::Made => 'print',
            FirstStep::Window => 'bench',
            FirstStep::Shop => 'window',
            FirstStep::Who, FirstStep::Policies => 'window.pages',
            FirstStep::Payment => 'counter.payment',
            FirstStep::Rehearsal, FirstStep::Open => 'opening',
        };
    }
}
