<?php

declare(strict_types=1);

namespace WindowStall\Core\Delivery\Places;

/** Which of a stall's places an address lies in, by what, and which others would have had it too. */
final readonly class NearestPlace
{
    /** @param  list<Place>  $others  further ones, the nearest first */
    private function __construct(public Place $place, public Nearness $nearness, public array $others)
    {
    }

    /**
     * Of two that come as near, the one that stands first counts.
     *
     * @param  list<Place>  $places  in the seller's order
     * @return self|null null where none has it
     */
    public static function of(array $places, Destination $to): ?self
    {
        $found = [];
        foreach ($places as $at => $place) {
            $nearness = $place->nearness($to);
            if ($nearness !== null) {
                $found[] = ['rank' => $nearness->rank, 'at' => -$at, 'place' => $place, 'nearness' => $nearness];
            }
        }
        if ($found === []) {
            return null;
        }
        usort($found, static fn (array $a, array $b): int => [$b['rank'], $b['at']] <=> [$a['rank'], $a['at']]);
        $nearest = array_shift($found);

        return new self($nearest['place'], $nearest['nearness'], array_column($found, 'place'));
    }

    /**
     * "The Highlands and the islands, as PH33 6TQ lies in PH17–50."
     *
     * @param  callable(string): string  $name  what a country or a part of one is called
     * @return list<string> the reason, and why no other
     */
    public function reasons(Destination $to, callable $name): array
    {
        $why = match ($this->nearness->by) {
            NearBy::Postcode => str_replace(' ', '', (string) $to->postcode) === $this->nearness->as
                ? sprintf('as it names %s', $to->postcode)
                : sprintf('as %s lies in %s', $to->postcode, $this->nearness->as),
            NearBy::AllBut => sprintf('as it holds %s', $this->nearness->as),
            NearBy::Part, NearBy::Country => $name($this->nearness->as) === $this->place->name
                ? 'the whole of it'
                : sprintf('as it holds %s', $name($this->nearness->as)),
            NearBy::Anywhere => 'as no other place has it',
        };
        $reasons = [sprintf('%s, %s.', $this->place->name, $why)];
        if ($this->others !== []) {
            $would = array_map(static fn (Place $place): string => $place->name, $this->others);
            $last = array_pop($would);
            $would = $would === [] ? $last : implode(', ', $would).' and '.$last;
            $reasons[] = sprintf('%s would have it too, but the nearer place counts.', $would);
        }

        return array_map(static fn (string $s): string => mb_strtoupper(mb_substr($s, 0, 1)).mb_substr($s, 1), $reasons);
    }
}
