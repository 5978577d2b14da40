<?php

declare(strict_types=1);

namespace WindowStall\Core\Dispatch\Following;

use DateTimeImmutable;

/**
 * How a parcel stands by all that its carrier told, whatever order that came in and however often. It is there only when the
 * carrier says so; what is told of the time before that is taken for what it is.
 */
final readonly class Track
{
    private function __construct(
        public ?ParcelEvent $last,
        public ?DateTimeImmutable $movedAt,
        public ?DateTimeImmutable $thereAt,
    ) {
    }

    /** @param  list<ParcelEvent>  $events */
    public static function of(array $events): self
    {
        usort($events, static fn (ParcelEvent $a, ParcelEvent $b): int => [$a->at, self::rank($a)] <=> [$b->at, self::rank($b)]);
        $last = $events === [] ? null : $events[count($events) - 1];
        $there = null;
        foreach ($events as $event) {
            // Whoever isn't home on the second day after all gets it brought again.
            $there = match ($event->kind) {
                ParcelEventKind::There => $there ?? $event->at,
                ParcelEventKind::GoesBack, ParcelEventKind::Missed, ParcelEventKind::Lost => null,
                default => $there,
            };
        }

        return new self($last, $last?->at, $there);
    }

    /** What is told for the same moment: the further on, the later. */
    private static function rank(ParcelEvent $event): int
    {
        return (int) array_search($event->kind, ParcelEventKind::cases(), true);
    }
}
