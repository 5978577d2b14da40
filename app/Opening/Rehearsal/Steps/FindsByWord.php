<?php

declare(strict_types=1);

namespace WindowStall\Opening\Rehearsal\Steps;

use WindowStall\Core\Opening\Rehearsal\Slip;
use WindowStall\Core\Opening\Rehearsal\StepKind;
use WindowStall\Opening\Rehearsal\Step;
use WindowStall\Opening\Rehearsal\Stuck;
use WindowStall\Opening\Rehearsal\Untested;
use WindowStall\Opening\Rehearsal\Visit;

/** Types a word of what they want, with a slip. */
final readonly class FindsByWord implements Step
{
    public function kind(): StepKind
    {
        return StepKind::Search;
    }

    public function __invoke(Visit $visit): string
    {
        $wanted = $visit->wanted[0] ?? throw new Stuck('There is nothing to buy here.');
        $word = Slip::telling($wanted->title);
        if ($word === '') {
            throw new Untested(sprintf('%s has no word long enough to look for', $wanted->title));
        }
        foreach (array_unique([Slip::of($word), $word]) as $typed) {
            if (in_array($wanted->slug, Visit::goodsOn($visit->open('/search?q='.rawurlencode($typed))), true)) {
                return $typed === $word && Slip::of($word) !== $word
                    ? sprintf('Found it by “%s”, not by “%s”', $word, Slip::of($word))
                    : sprintf('Found it by “%s”', $typed);
            }
        }

        throw new Stuck(sprintf('Whoever looks for “%s” doesn’t find %s.', $word, $wanted->title));
    }
}
