<?php

declare(strict_types=1);

namespace WindowStall\Core\Delivery;

/** What one supplier's warehouse sends together: some lines of a basket, there when the slowest of them is. */
final readonly class Parcel
{
    /**
     * @param  list<int>  $lines  where its goods stand in the basket, from nought
     * @param  string|null  $warehouse  ISO 3166-1; null where the supplier doesn't say
     * @param  DayRange|null  $days  working days to the door; null where they aren't known of each of its goods
     */
    private function __construct(public array $lines, public ?string $warehouse, public ?DayRange $days)
    {
    }

    /**
     * @param  list<array{supplier: int, warehouse: string|null, days: DayRange|null}>  $lines  of a basket
     * @return list<self> in the order of their first goods
     */
    public static function of(array $lines): array
    {
        $parcels = [];
        foreach ($lines as $at => $line) {
            $parcels[$line['supplier'].' '.$line['warehouse']][] = $at;
        }

        return array_values(array_map(
            static fn (array $in): self => new self($in, $lines[$in[0]]['warehouse'], self::slowest(array_map(
                static fn (int $at): ?DayRange => $lines[$at]['days'],
                $in,
            ))),
            $parcels,
        ));
    }

    /** @param  list<DayRange|null>  $days */
    private static function slowest(array $days): ?DayRange
    {
        $known = array_filter($days);
        if ($known === [] || count($known) < count($days)) {
            return null;
        }

        return array_values($known)[0]->slowest(...$known);
    }

    /**
     * Between which days it is there.
     *
     * @param  \DateTimeImmutable  $paid  by the stall's clock
     * @param  string  $country  where it goes, ISO 3166-1
     */
    public function arrives(\DateTimeImmutable $paid, string $country): ?ArrivalDates
    {
        return $this->days === null ? null : ArrivalDates::of(
            paid: $paid,
            cutOff: null,
            packing: new DayRange(0, 0),
            transit: $this->days,
            packs: WorkCalendar::of($this->warehouse ?? ''),
            place: WorkCalendar::of($country),
        );
    }
}
