<?php

declare(strict_types=1);

namespace WindowStall\Core\Window;

use DateTimeImmutable;

/** Which tag a card has: at most one, the first of the stall's rules that is true of the goods. */
final readonly class CornerTags
{
    /** @param  list<TagRule>  $rules  in the order they count */
    public function __construct(public array $rules)
    {
    }

    /** @param  bool  $byDay  whether, bought at that moment, it is there by the day of the rule for that */
    public function of(TagFacts $facts, DateTimeImmutable $now, bool $byDay = false): ?TagRule
    {
        foreach ($facts->buyable ? $this->rules : [] as $rule) {
            $holds = match ($rule->kind) {
                TagKind::Newest => self::within($facts->shownSince, $rule->number, $now),
                TagKind::Few => $facts->pieces > 0 && $facts->pieces <= $rule->number,
                TagKind::Back => self::within($facts->backSince, $rule->number, $now),
                TagKind::ByDay => $byDay,
                TagKind::Printed => $facts->printed,
            };
            if ($rule->on && $holds) {
                return $rule;
            }
        }

        return null;
    }

    public function rule(TagKind $kind): ?TagRule
    {
        foreach ($this->rules as $rule) {
            if ($rule->kind === $kind && $rule->on) {
                return $rule;
            }
        }

        return null;
    }

    /**
     * Whether what is there on a day at the latest is there by the next such day of the week.
     *
     * @param  DateTimeImmutable  $bought  by the clock of the stall
     * @param  int  $weekday  1 for Monday, 7 for Sunday (ISO 8601)
     */
    public static function byWeekday(DateTimeImmutable $bought, DateTimeImmutable $there, int $weekday): bool
    {
        $ahead = ($weekday - (int) $bought->format('N') + 7) % 7;

        return $there->format('Y-m-d') <= $bought->modify('+'.$ahead.' days')->format('Y-m-d');
    }

    private static function within(?DateTimeImmutable $since, int $days, DateTimeImmutable $now): bool
    {
        // What is kept to the second may lie ahead of now by a part of one.
        return $since !== null && $since > $now->modify('-'.$days.' days');
    }
}
