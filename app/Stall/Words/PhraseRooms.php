<?php

declare(strict_types=1);

namespace WindowStall\Stall\Words;

/** Every place where shoppers meet the seller's words, as the areas give them. */
final class PhraseRooms
{
    /** @var list<\Closure(): list<PhraseRoom>> */
    private array $given = [];

    /** @param  \Closure(): list<PhraseRoom>  $rooms  of one area */
    public function add(\Closure $rooms): void
    {
        $this->given[] = $rooms;
    }

    /** @return list<PhraseRoom> in the order of their ranks */
    public function all(): array
    {
        $rooms = array_merge(...array_map(static fn (\Closure $give): array => $give(), $this->given));
        usort($rooms, static fn (PhraseRoom $a, PhraseRoom $b): int => $a->rank <=> $b->rank);

        return $rooms;
    }

    public function find(string $key): ?PhraseRoom
    {
        return array_values(array_filter($this->all(), static fn (PhraseRoom $room): bool => $room->key === $key))[0] ?? null;
    }
}
