<?php

declare(strict_types=1);

namespace WindowStall\Opening\Rehearsal\Steps;

use WindowStall\Core\Opening\Rehearsal\StepKind;
use WindowStall\Opening\Rehearsal\Step;
use WindowStall\Opening\Rehearsal\Stuck;
use WindowStall\Opening\Rehearsal\Visit;

/** Opens the front page. */
final readonly class ComesIn implements Step
{
    public function kind(): StepKind
    {
        return StepKind::Home;
    }

    public function __invoke(Visit $visit): string
    {
        $begun = microtime(true);
        $page = $visit->open('/');
        $took = microtime(true) - $begun;
        if (Visit::goodsOn($page) === []) {
            throw new Stuck('The front page leads to no goods.', trim($page->filter('h1')->text('')));
        }

        return $took < 0.05 ? 'Front page, there at once' : sprintf('Front page, there after %.1f s', $took);
    }
}
