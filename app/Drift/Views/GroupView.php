<?php

declare(strict_types=1);

namespace WindowStall\Drift\Views;

use WindowStall\Core\Drift\ChangeGroup;
use WindowStall\Core\Money\Money;
use WindowStall\Drift\Desk\DeskGroup;
use WindowStall\Support\Views\MoneyView;

/** A group on the desk: what happened in one sentence, what it does, and what can be done about it. */
final readonly class GroupView
{
    /**
     * @param  string  $agree  on the button that lets all of them count
     * @param  string  $keep  on the one that keeps all as they were
     * @param  string  $keeps  what is kept of a sale on the average, before → after
     * @param  string  $why  the rule by which most of them ask
     * @param  string  $month  what it comes to on last month's sales
     */
    public function __construct(
        public string $key,
        public string $headline,
        public string $effect,
        public bool $bad,
        public string $why,
        public string $agree,
        public string $keep,
        public string $prices,
        public string $keeps,
        public string $month,
        public int $pieces,
    ) {
    }

    public static function of(DeskGroup $group): self
    {
        $told = $group->told();
        $n = $group->figures->count;

        return new self(
            key: $group->key(),
            headline: $told->headline,
            effect: $told->effect,
            bad: $told->bad,
            why: $group->why,
            agree: self::agree($group->group, $n),
            keep: $n === 1 ? 'keep it as it was' : 'keep all as they were',
            prices: match ($group->figures->moving) {
                0 => '',
                1 => 'one price moves',
                default => number_format($group->figures->moving).' prices move',
            },
            keeps: $group->keepWas === null || $group->keepAgreed === null
                ? ''
                : MoneyView::text($group->keepWas).' → '.MoneyView::text($group->keepAgreed),
            month: $group->month === null ? '' : self::signed($group->month),
            pieces: $group->pieces,
        );
    }

    private static function agree(ChangeGroup $group, int $n): string
    {
        $all = $n === 1 ? 'it' : (string) number_format($n);

        return match ($group) {
            ChangeGroup::CostUp, ChangeGroup::CostDown, ChangeGroup::Delivery => "Let $all follow",
            ChangeGroup::Renamed => $n === 1 ? 'It is the same' : "All $all are the same",
            ChangeGroup::Rewritten => $n === 1 ? 'Show theirs' : "Show theirs, all $all",
            ChangeGroup::VariantNew => $n === 1 ? 'Offer it' : "Offer all $all",
            ChangeGroup::VariantGone => $n === 1 ? 'Take it off' : "Take all $all off",
            ChangeGroup::ItemGone => $n === 1 ? 'Put it by' : "Put all $all by",
            ChangeGroup::ItemBack => $n === 1 ? 'Lay it on the bench' : "Lay all $all on the bench",
            default => 'I have seen it',
        };
    }

    private static function signed(Money $money): string
    {
        return ($money->minor < 0 ? '−' : '+').MoneyView::text(new Money(abs($money->minor), $money->currency));
    }
}
