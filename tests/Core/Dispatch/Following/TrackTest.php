<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Dispatch\Following;

use DateTimeImmutable;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Dispatch\Following\ParcelEvent;
use WindowStall\Core\Dispatch\Following\ParcelEventKind;
use WindowStall\Core\Dispatch\Following\Track;

/** A carrier's news, in whatever order it comes. */
final class TrackTest extends TestCase
{
    public function test_it_is_the_same_whatever_order_it_is_told_in(): void
    {
        $events = [
            self::event('taken', 1),
            self::event('moved', 2),
            self::event('round', 3),
            self::event('there', 3),
        ];
        foreach ([[0, 1, 2, 3], [3, 2, 1, 0], [3, 0, 2, 1, 3]] as $order) {
            $track = Track::of(array_map(static fn (int $n): ParcelEvent => $events[$n], $order));
            self::assertSame(
                [ParcelEventKind::There, '2026-12-03', '2026-12-03'],
                [$track->last?->kind, $track->movedAt?->format('Y-m-d'), $track->thereAt?->format('Y-m-d')],
            );
        }
    }

    public function test_before_anything_is_told_nothing_is_known(): void
    {
        $track = Track::of([]);
        self::assertSame([null, null, null], [$track->last, $track->movedAt, $track->thereAt]);
    }

    public function test_what_goes_back_is_not_there_and_comes_there_when_it_is_brought_again(): void
    {
        $back = [self::event('there', 2), self::event('back', 4)];
        self::assertNull(Track::of($back)->thereAt);
        self::assertSame('2026-12-06', Track::of([...$back, self::event('there', 6)])->thereAt?->format('Y-m-d'));
        self::assertNull(Track::of([self::event('missed', 2)])->thereAt);
    }

    private static function event(string $kind, int $day): ParcelEvent
    {
        return new ParcelEvent($kind.$day, ParcelEventKind::from($kind), new DateTimeImmutable('2026-12-0'.$day));
    }
}
