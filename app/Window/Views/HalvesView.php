<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use WindowStall\Core\Trying\TrialFigures;
use WindowStall\Core\Trying\Verdict;
use WindowStall\Core\Words\Plural;
use WindowStall\Stall\Stall;
use WindowStall\Support\Views\MoneyView;
use WindowStall\Window\Trying\Trial;
use WindowStall\Window\Trying\TrialOrders;

/** A trial of two versions in sentences: what it brought so far, how sure that is, and how long it still needs. */
final readonly class HalvesView
{
    /** Days without an order after which that is said. */
    private const QUIET = 7;

    /** Percent from which on a figure says nothing. */
    private const BEYOND = 300;

    /**
     * @param  string  $verdict  open, first, second or neither
     * @param  list<string>  $words
     */
    public function __construct(public string $verdict, public array $words)
    {
    }

    public static function of(Stall $stall): ?self
    {
        $trial = Trial::now($stall);
        if ($trial === null) {
            return null;
        }
        $figures = TrialFigures::of(app(TrialOrders::class)->of($trial));
        $days = $trial->begun_at->diffInSeconds(now()) / 86_400;

        return new self(
            $trial->verdict->value,
            array_values(array_filter([
                self::answer($trial->verdict),
                self::came($figures),
                self::more($figures),
                self::keep($stall, $figures),
                $trial->runs() ? self::needs($figures, $days) : '',
            ], static fn (string $words): bool => $words !== '')),
        );
    }

    private static function answer(Verdict $verdict): string
    {
        return match ($verdict) {
            Verdict::Open => '',
            Verdict::First => 'The first brings more orders. Everybody sees it now.',
            Verdict::Second => 'The second brings more orders. Everybody sees it now.',
            Verdict::Neither => 'Neither brings a tenth more orders than the other. Everybody sees the first now.',
        };
    }

    private static function came(TrialFigures $figures): string
    {
        return $figures->orders() === 0 ? '' : sprintf(
            '%s came from shoppers who see the first, %s from those who see the second.',
            Plural::of($figures->first, 'order'),
            number_format($figures->second),
        );
    }

    private static function more(TrialFigures $figures): string
    {
        if ($figures->more === null) {
            return '';
        }
        [$least, $most] = array_map(static fn (float $share): int => (int) round(100 * $share), $figures->more);
        $said = static fn (int $percent): string => $percent > self::BEYOND
            ? 'many times as many'
            : abs($percent).'% '.($percent < 0 ? 'fewer' : 'more');

        return sprintf('By that the second brings between %s and %s.', $said($least), $said($most));
    }

    private static function keep(Stall $stall, TrialFigures $figures): string
    {
        if ($figures->keep === null) {
            return '';
        }
        [$found, $low, $high] = array_map(
            static fn (float $minor): string => MoneyView::text($stall->money((int) round($minor))),
            $figures->keep,
        );

        return sprintf('For every 100 orders it kept %s more than the first; with what chance does, between %s and %s.', $found, $low, $high);
    }

    private static function needs(TrialFigures $figures, float $days): string
    {
        $weeks = $figures->weeksLeft($days);

        return match (true) {
            $weeks !== null => sprintf('As orders come now, an answer takes about %s more.', self::span($weeks)),
            $days >= self::QUIET => sprintf(
                'No order came from anybody who saw it in %d days. Try something on a page that more shoppers see.',
                (int) $days,
            ),
            default => 'It has begun; no order came of it yet.',
        };
    }

    private static function span(int $weeks): string
    {
        return match (true) {
            $weeks < 9 => Plural::of($weeks, 'week'),
            $weeks < 105 => Plural::of((int) round($weeks * 12 / 52), 'month'),
            default => Plural::of((int) round($weeks / 52), 'year'),
        };
    }
}
