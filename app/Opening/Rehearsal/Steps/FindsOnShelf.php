<?php

declare(strict_types=1);

namespace WindowStall\Opening\Rehearsal\Steps;

use Symfony\Component\DomCrawler\Crawler;
use WindowStall\Core\Opening\Rehearsal\StepKind;
use WindowStall\Opening\Rehearsal\Step;
use WindowStall\Opening\Rehearsal\Stuck;
use WindowStall\Opening\Rehearsal\Visit;

/** Finds what they want without typing: on a shelf, else among all goods. */
final readonly class FindsOnShelf implements Step
{
    /** So many are looked at before somebody gives up. */
    private const SHELVES = 12;

    private const PAGES = 5;

    public function kind(): StepKind
    {
        return StepKind::Shelf;
    }

    public function __invoke(Visit $visit): string
    {
        $wanted = $visit->wanted[0] ?? throw new Stuck('There is nothing to buy here.');
        $shelves = $visit->open('/shelves')->filter('a[href*="/shelves/"]')->each(
            static fn (Crawler $link): array => [(string) $link->attr('href'), trim($link->text())],
        );
        foreach (array_slice($shelves, 0, self::SHELVES) as [$path, $name]) {
            $path = (string) parse_url($path, PHP_URL_PATH);
            if (in_array($wanted->slug, Visit::goodsOn($visit->exactly($path)), true)) {
                return sprintf('Found %s on the shelf “%s”', $wanted->title, $name);
            }
        }
        for ($page = 1; $page <= self::PAGES; $page++) {
            $found = Visit::goodsOn($visit->open('/goods'.($page === 1 ? '' : '?page='.$page)));
            if (in_array($wanted->slug, $found, true)) {
                return sprintf('Found %s among all goods; it is on no shelf', $wanted->title);
            }
            if ($found === []) {
                break;
            }
        }

        throw new Stuck(sprintf('No shelf leads to %s, and the first pages of all goods don’t either.', $wanted->title));
    }
}
