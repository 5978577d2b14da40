<?php

declare(strict_types=1);

namespace WindowStall\Drift\Views;

use WindowStall\Bench\Undo\BenchChange;
use WindowStall\Core\Money\Money;
use WindowStall\Drift\Desk\Desk;
use WindowStall\Drift\Desk\DeskFilter;
use WindowStall\Drift\Desk\DeskGroup;
use WindowStall\Drift\DriftChange;
use WindowStall\Stall\Stall;
use WindowStall\Support\Views\MoneyView;

/** The drift desk: what happened since yesterday in a sentence, the groups that ask, pulls that were set aside. */
final readonly class DeskView
{
    /** Hours within which something decided was “just done”. */
    private const LATELY = 12;

    /**
     * @param  list<GroupView>  $groups
     * @param  list<SetAsideView>  $aside
     * @param  string  $words  what is looked for on it
     * @param  int|null  $undo  the last thing decided here, while it can be taken back
     */
    public function __construct(
        public string $headline,
        public array $groups,
        public array $aside,
        public int $quiet,
        public ?int $undo,
        public string $undoWords,
        public string $words,
        public bool $underFloor,
    ) {
    }

    public static function of(Stall $stall, DeskFilter $filter = new DeskFilter): self
    {
        $groups = Desk::groups($stall, $filter);
        $aside = SetAsideView::all($stall);
        $decided = DriftChange::query()->where('stall_id', $stall->id)->whereNotNull('change_id')->select('change_id');
        $last = BenchChange::query()->where('stall_id', $stall->id)->whereNull('undone_at')
            ->where('created_at', '>=', now()->subHours(self::LATELY))
            ->whereIn('id', $decided)->latest('id')->first();

        return new self(
            headline: self::headline($stall, $groups, count($aside)),
            groups: array_map(GroupView::of(...), $groups),
            aside: $aside,
            quiet: $filter->narrow(Desk::quiet($stall))->limit(10_000)->count(),
            undo: $last?->id,
            undoWords: (string) $last?->words,
            words: $filter->words,
            underFloor: $filter->underFloor,
        );
    }

    /** @param  list<DeskGroup>  $groups */
    private static function headline(Stall $stall, array $groups, int $aside): string
    {
        $lately = Desk::lately($stall);
        $asks = array_sum(array_map(static fn (DeskGroup $g): int => $g->figures->count, $groups));
        $month = array_sum(array_map(static fn (DeskGroup $g): int => $g->month->minor ?? 0, $groups));
        $words = match ($lately['facts']) {
            0 => 'Since yesterday your suppliers changed nothing that you sell.',
            1 => 'Since yesterday your suppliers changed one fact.',
            default => sprintf('Since yesterday your suppliers changed %s facts.', number_format($lately['facts'])),
        };
        if ($lately['ruled'] > 0) {
            $words .= sprintf(' %s went through by your rules.', number_format($lately['ruled']));
        }
        $effect = $month === 0 ? '' : sprintf(
            ', and %s %s a month if you agree to all',
            $month < 0 ? 'cost' : 'bring',
            MoneyView::text(new Money(abs($month), $stall->currencyValue())),
        );
        $words .= match ($asks) {
            0 => '',
            1 => ' One asks you'.$effect.'.',
            default => sprintf(' %s ask you%s.', number_format($asks), $effect),
        };

        $words .= match ($aside) {
            0 => '',
            1 => ' One pull was set aside and asks you'.($asks === 0 ? '.' : ', too'),
            default => sprintf(' %d pulls were set aside and ask you%s', $aside, $asks === 0 ? '.' : ', too'),
        };

        // The same count as beside Drift in the rail.
        return $aside === 0 || $asks === 0 ? $words : sprintf('%s: %s in all.', $words, number_format($asks + $aside));
    }
}
