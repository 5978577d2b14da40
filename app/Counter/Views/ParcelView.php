<?php

declare(strict_types=1);

namespace WindowStall\Counter\Views;

use Illuminate\Support\Carbon;
use WindowStall\Core\Dispatch\Following\ParcelEvent;
use WindowStall\Counter\Following\Parcel;
use WindowStall\Counter\Following\Parcels;
use WindowStall\Counter\Order;
use WindowStall\Counter\OrderLine;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;

/** A parcel of an order: what is in it, where it is, and when it will be there. */
final readonly class ParcelView
{
    /**
     * @param  list<string>  $events  "Mon 30 Nov, 14:05: taken in, Oakum Depot", the latest first
     * @param  string  $outlook  what parcels like it took; "" where nothing is to be said
     */
    public function __construct(
        public int $id,
        public int $number,
        public string $goods,
        public string $carrier,
        public ?string $tracking,
        public string $stands,
        public bool $there,
        public bool $late,
        public string $posted,
        public string $promised,
        public array $events,
        public string $outlook,
    ) {
    }

    public static function of(Stall $stall, Order $order, Parcel $parcel): self
    {
        $clock = Clock::of($stall);
        $outlook = $parcel->there_at === null ? Parcels::outlook($stall, $parcel) : null;

        return new self(
            id: $parcel->id,
            number: $parcel->number,
            goods: $parcel->linesOf($order)
                ->map(static fn (OrderLine $line): string => $parcel->pieces[$line->id].' × '.$line->name())
                ->implode('; '),
            carrier: $parcel->carrier,
            tracking: $parcel->tracking,
            stands: $parcel->there_at !== null
                ? 'there, '.$clock->near($parcel->there_at)
                : ($parcel->stands?->words() ?? 'posted').($parcel->place === '' ? '' : ', '.$parcel->place),
            there: $parcel->there_at !== null,
            late: $outlook !== null && ($outlook->late || $outlook->likely),
            posted: $clock->near($parcel->posted_at),
            promised: $parcel->promised_to === null ? '' : Carbon::parse($parcel->promised_to)->format('D j M'),
            events: array_reverse(array_map(static fn (ParcelEvent $event): string => $clock->near(Carbon::instance($event->at))
                .': '.$event->kind->words().($event->place === '' ? '' : ', '.$event->place), $parcel->events())),
            outlook: $outlook?->by === null ? '' : sprintf(
                'Half of the parcels that were under way as long were there by %s.',
                $clock->local(Carbon::instance($outlook->by))->format('l j F'),
            ),
        );
    }
}
