<?php

declare(strict_types=1);

namespace WindowStall\Window\Goods;

use DateTimeImmutable;
use Illuminate\Support\Carbon;
use WindowStall\Core\Delivery\ArrivalDates;
use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Delivery\Quote\Dispatcher;
use WindowStall\Core\Delivery\WorkCalendar;
use WindowStall\Core\Window\CornerTags;
use WindowStall\Core\Window\TagFacts;
use WindowStall\Core\Window\TagKind;
use WindowStall\Core\Window\TagRule;
use WindowStall\Delivery\ResolveDelivery;
use WindowStall\Shelves\ShelfGoods;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;
use WindowStall\Support\Speech\Speech;
use WindowStall\Support\Speech\Spoken;

/** The corner tags of a stall's goods, from their rows of goods_facts. */
final class TagsOfGoods
{
    /** Days to come that a kept page knows of. */
    private const AHEAD = 9;

    /** Goods that are looked through to count tags. */
    private const COUNTED = 5_000;

    private readonly CornerTags $tags;

    /** @var array<int, Dispatcher>|null by connection */
    private ?array $dispatchers = null;

    /** @var array<string, list<array{int, int}>> spells by supplier, warehouse and days */
    private array $known = [];

    public function __construct(private readonly Stall $stall)
    {
        $this->tags = new CornerTags(TagRule::all($stall->corner_tags ?? []));
    }

    /** Whether the stall has any. */
    public function any(): bool
    {
        return $this->tags->rules !== [] && array_filter($this->tags->rules, static fn (TagRule $rule): bool => $rule->on) !== [];
    }

    /** @param  \stdClass  $facts  its row */
    public function of(\stdClass $facts): CardTag
    {
        $rule = $this->tags->rule(TagKind::ByDay);
        $dated = $rule === null ? null : $this->tags->of(self::facts($facts), self::now(), byDay: true);
        $words = $this->words($this->tags->of(self::facts($facts), self::now()), $facts);
        // Where another comes before it, it is never said.
        $spells = $rule !== null && $dated?->kind === TagKind::ByDay ? $this->spells($facts, $rule->number) : [];

        return new CardTag($words, $spells === [] ? '' : $this->words($rule, $facts), $spells);
    }

    /**
     * On how many goods each rule's tag stands now, whatever the hour, and how many goods there are.
     *
     * @return array<string, int>|null kind → goods, and "all"; null where there are too many to look through
     */
    public static function counts(Stall $stall): ?array
    {
        $tags = new CornerTags(TagRule::all($stall->corner_tags ?? []));
        $rows = ShelfGoods::all($stall)
            ->limit(self::COUNTED + 1)
            ->get(['facts.buyable', 'facts.stock', 'facts.shown_since', 'facts.back_since', 'facts.printed']);
        if ($rows->count() > self::COUNTED) {
            return null;
        }
        $counts = ['all' => $rows->count()];
        foreach ($rows as $row) {
            $kind = $tags->of(self::facts($row), self::now())?->kind->value;
            if ($kind !== null) {
                $counts[$kind] = ($counts[$kind] ?? 0) + 1;
            }
        }

        return $counts;
    }

    private function words(?TagRule $rule, \stdClass $facts): string
    {
        return match ($rule?->kind) {
            null => '',
            TagKind::Few => Speech::say('shop.goods.few', count: (int) $facts->stock),
            TagKind::ByDay => Speech::say('shop.tags.by_day', day: Spoken::weekday($rule->number)),
            default => Speech::say('shop.tags.'.$rule->kind->value),
        };
    }

    private static function facts(\stdClass $row): TagFacts
    {
        $moment = static fn (mixed $at): ?DateTimeImmutable => $at === null ? null : Carbon::parse((string) $at)->toDateTimeImmutable();

        return new TagFacts(
            (bool) $row->buyable,
            (int) $row->stock,
            $moment($row->shown_since),
            $moment($row->back_since),
            (bool) $row->printed,
        );
    }

    /**
     * When it has to be bought to be there by that day. Only of goods that come from one supplier and one place: of others
     * it isn't known by whom they will come.
     *
     * @return list<array{int, int}>
     */
    private function spells(\stdClass $row, int $weekday): array
    {
        $suppliers = self::listed((string) $row->suppliers);
        $from = self::listed((string) $row->posted_from);
        if (count($suppliers) !== 1 || count($from) !== 1 || $row->days_max === null) {
            return [];
        }
        $key = implode(' ', [$suppliers[0], $from[0], $row->days_min, $row->days_max]);

        return $this->known[$key] ??= $this->reckoned(
            (int) $suppliers[0],
            $from[0],
            new DayRange((int) $row->days_min, (int) $row->days_max),
            $weekday,
        );
    }

    /** @return list<array{int, int}> */
    private function reckoned(int $supplier, string $from, DayRange $days, int $weekday): array
    {
        $this->dispatchers ??= ResolveDelivery::dispatchers($this->stall);
        $dispatcher = $this->dispatchers[$supplier] ?? null;
        $packs = WorkCalendar::of($from, closed: $dispatcher->closed ?? []);
        $place = WorkCalendar::of($this->stall->seen()->country);
        $midnight = now(Clock::of($this->stall)->zone)->toDateTimeImmutable()->setTime(0, 0);
        $spells = [];
        for ($ahead = 0; $ahead < self::AHEAD; $ahead++) {
            $day = $midnight->modify('+'.$ahead.' days');
            $next = $midnight->modify('+'.($ahead + 1).' days');
            [$hour, $minute] = array_map(intval(...), explode(':', $dispatcher->cutOff ?? '00:00'));
            $cut = $day->setTime($hour, $minute);
            foreach ([[$day, $cut], [$cut, $next]] as [$begins, $ends]) {
                $dates = ArrivalDates::of($begins, $dispatcher?->cutOff, $dispatcher->packing ?? new DayRange(0, 0), $days, $packs, $place);
                if ($begins < $ends && CornerTags::byWeekday($begins, $dates->latest, $weekday)) {
                    $last = array_key_last($spells);
                    $last !== null && $spells[$last][1] === $begins->getTimestamp()
                        ? $spells[$last][1] = $ends->getTimestamp()
                        : $spells[] = [$begins->getTimestamp(), $ends->getTimestamp()];
                }
            }
        }

        return $spells;
    }

    /** @return list<string> a PostgreSQL array of plain values */
    private static function listed(string $array): array
    {
        return $array === '{}' || $array === '' ? [] : explode(',', trim($array, '{}'));
    }

    private static function now(): DateTimeImmutable
    {
        return now()->toDateTimeImmutable();
    }

    /**
     * When a tag of any of the goods ends next by the calendar alone; null where none does. Goods that come into the window
     * later can't end sooner than the rule takes.
     */
    public static function turns(Stall $stall): ?Carbon
    {
        $tags = new CornerTags(TagRule::all($stall->corner_tags ?? []));
        $ends = [];
        foreach ([TagKind::Newest->value => 'shown_since', TagKind::Back->value => 'back_since'] as $kind => $since) {
            $rule = $tags->rule(TagKind::from($kind));
            if ($rule !== null) {
                $first = $stall->getConnection()->table('goods_facts')
                    ->where('stall_id', $stall->id)
                    ->where($since, '>', now()->subDays($rule->number))
                    ->min($since);
                $ends[] = ($first === null ? now() : Carbon::parse((string) $first))->addDays($rule->number);
            }
        }

        return $ends === [] ? null : min($ends);
    }
}
