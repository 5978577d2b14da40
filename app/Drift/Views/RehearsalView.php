<?php

declare(strict_types=1);

namespace WindowStall\Drift\Views;

use WindowStall\Core\Drift\Rehearsal\Outcome;
use WindowStall\Drift\Rehearsal\Rehearsed;
use WindowStall\Drift\Rehearsal\RehearsedPull;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunState;
use WindowStall\Stall\Stall;
use WindowStall\Support\Views\MoneyView;

/** What rules that are tried would have done in the last days, next to those that count and to what happened. */
final readonly class RehearsalView
{
    /**
     * @param  int|null  $percent  how far it is; null while nobody knows
     * @param  string  $sentence  what it comes to, once it is known
     * @param  list<RehearsalRowView>  $rows  without those that are nought throughout
     * @param  list<string>  $pulls  pulls that one set of rules sets aside and the other doesn't, a sentence each
     */
    public function __construct(
        public int $run,
        public bool $open,
        public ?int $percent,
        public ?string $trouble,
        public string $sentence,
        public array $rows,
        public array $pulls,
    ) {
    }

    public static function of(Stall $stall, Run $run): self
    {
        $done = $run->state === RunState::Done;
        $rehearsed = Rehearsed::from((array) ($run->subject['rehearsed'] ?? []));

        return new self(
            run: $run->id,
            open: $run->state->open(),
            percent: $run->total === null || $run->total === 0 ? null : min(100, intdiv($run->done * 100, $run->total)),
            trouble: $run->trouble,
            sentence: $done ? self::sentence($stall, $rehearsed) : '',
            rows: $done ? self::rows($stall, $rehearsed) : [],
            // Of those that come to the same either way the count is enough.
            pulls: array_values(
                array_map(
                    self::pull(...),
                    array_filter(
                        $rehearsed->pulls,
                        static fn (RehearsedPull $p): bool => ($p->now === null) !== ($p->tried === null),
                    ),
                ),
            ),
        );
    }

    private static function sentence(Stall $stall, Rehearsed $rehearsed): string
    {
        [$now, $tried] = [$rehearsed->now, $rehearsed->tried];
        $less = $now->asked - $tried->asked;
        $words = match (true) {
            $less > 0 => sprintf('You would have been asked %d times less', $less),
            $less < 0 => sprintf('You would have been asked %d times more', -$less),
            default => 'You would have been asked as often',
        };
        $more = $tried->keep - $now->keep;

        return $words.
            match (true) {
                $more > 0 => sprintf(', and kept %s more.', self::money($stall, $more)),
                $more < 0 => sprintf(', and kept %s less.', self::money($stall, -$more)),
                default => ', and kept as much.',
            };
    }

    /** @return list<RehearsalRowView> */
    private static function rows(Stall $stall, Rehearsed $rehearsed): array
    {
        $row = static function (string $words, callable $of) use ($rehearsed): RehearsalRowView {
            $all = array_map($of, [$rehearsed->happened, $rehearsed->now, $rehearsed->tried]);

            return new RehearsalRowView(
                words: $words,
                happened: $all[0],
                now: $all[1],
                tried: $all[2],
                differs: $all[1] !== $all[2],
            );
        };
        $aside = static fn (callable $is): string => (string) count(array_filter($rehearsed->pulls, $is));
        $pulls = [
            $aside(static fn (RehearsedPull $p): bool => $p->happened),
            $aside(static fn (RehearsedPull $p): bool => $p->now !== null),
            $aside(static fn (RehearsedPull $p): bool => $p->tried !== null),
        ];

        $all = [
            $row('Changes that asked you', static fn (Outcome $o): string => number_format($o->asked)),
            $row('Followed by themselves', static fn (Outcome $o): string => number_format($o->followed)),
            $row('Your word stood', static fn (Outcome $o): string => number_format($o->kept)),
            new RehearsalRowView(
                words: 'Pulls set aside',
                happened: $pulls[0],
                now: $pulls[1],
                tried: $pulls[2],
                differs: $pulls[1] !== $pulls[2],
            ),
            $row('Variants under their floor, not sold', static fn (Outcome $o): string => number_format($o->paused)),
            $row('Pieces not to be had', static fn (Outcome $o): string => number_format($o->missed)),
            $row('Pieces sold', static fn (Outcome $o): string => number_format($o->sold)),
            $row('Of them under their floor', static fn (Outcome $o): string => number_format($o->soldUnder)),
            $row('Kept on them', static fn (Outcome $o): string => self::money($stall, $o->keep)),
        ];

        return array_values(array_filter($all, static fn (RehearsalRowView $row): bool => ! $row->nought()));
    }

    private static function pull(RehearsedPull $pull): string
    {
        $why = $pull->tried ?? ($pull->now ?? '');
        $fate = match (true) {
            $pull->tried !== null => 'would be set aside',
            $pull->happened => 'was set aside and would be used; what it brought isn’t on record',
            default => 'would be used',
        };

        return trim(sprintf('%s’s pull of %s %s. %s', $pull->supplier, substr($pull->from, 0, 10), $fate, $why));
    }

    private static function money(Stall $stall, int $minor): string
    {
        return MoneyView::text($stall->money($minor));
    }
}
