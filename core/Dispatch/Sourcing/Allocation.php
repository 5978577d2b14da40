<?php

declare(strict_types=1);

namespace WindowStall\Core\Dispatch\Sourcing;

/** Each line from one source, and what that comes to. Minor units of the stall's currency. */
final readonly class Allocation
{
    /**
     * @param  array<int, Source>  $sources  by line
     * @param  int  $parcels  how many go
     * @param  string  $by  the last day all of it is there
     * @param  int  $late  lines that come later than they were promised
     * @param  int  $moved  lines that don't come from where they were sold
     * @param  int  $places  how far down the stall's order of suppliers it reaches, added up over lines
     */
    private function __construct(
        public array $sources,
        public int $goods,
        public int $delivery,
        public int $parcels,
        public string $by,
        public int $late,
        public int $moved,
        public int $places,
    ) {
    }

    /**
     * Goods by piece; a parcel costs its dearest first piece and what each of the others adds, and its handling.
     *
     * @param  list<SourcedLine>  $lines
     * @param  array<int, Source>  $sources  one of each, by line
     * @param  int  $handling  of a parcel
     * @param  list<int>  $order  suppliers, the first first
     */
    public static function of(array $lines, array $sources, int $handling, array $order = []): self
    {
        $goods = $late = $moved = $places = 0;
        $by = '';
        $first = $less = $further = [];
        foreach ($lines as $line) {
            $source = $sources[$line->id];
            $goods += $source->goods * $line->pieces;
            $late += $line->promised !== null && $source->by > $line->promised ? 1 : 0;
            $moved += $source->asSold ? 0 : 1;
            $place = array_search($source->supplier, $order, true);
            $places += $place === false ? count($order) : $place;
            $by = max($by, $source->by);
            $further[$source->parcel()] = ($further[$source->parcel()] ?? 0) + $source->further * $line->pieces;
            // Of the first piece its own charge counts, not what it would add.
            $spread = $source->first - $source->further;
            $first[$source->parcel()] = max($first[$source->parcel()] ?? PHP_INT_MIN, $spread);
        }
        $delivery = array_sum($further) + array_sum($first) + $handling * count($further);

        return new self($sources, $goods, $delivery, count($further), $by, $late, $moved, $places);
    }

    public function landed(): int
    {
        return $this->goods + $this->delivery;
    }

    /** What is compared for a preference; less is better. */
    public function by(SourcingPreference $preference): int|string
    {
        return match ($preference) {
            SourcingPreference::AsSold => $this->moved,
            SourcingPreference::Cheapest => $this->landed(),
            SourcingPreference::Quickest => $this->by,
            SourcingPreference::FewestParcels => $this->parcels,
            SourcingPreference::InOrder => $this->places,
        };
    }

    /** @return array<int, string> which sources these are, by line */
    public function keys(): array
    {
        return array_map(static fn (Source $source): string => $source->key(), $this->sources);
    }

    /** @return array<int, int> the suppliers' variants, by line */
    public function variants(): array
    {
        return array_map(static fn (Source $source): int => $source->variant, $this->sources);
    }
}
