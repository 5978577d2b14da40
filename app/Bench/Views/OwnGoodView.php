<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

use WindowStall\Core\Giving\Appointment;
use WindowStall\Source\Own\OwnGood;
use WindowStall\Source\SupplierItem;
use WindowStall\Source\SupplierVariant;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;
use WindowStall\Support\Speech\Spoken;

/** What shoppers get of something of the stall's own. */
final readonly class OwnGoodView
{
    /**
     * @param  string  $giving  {@see \WindowStall\Core\Source\Giving}
     * @param  string  $file  its name; "" while none was sent
     * @param  string  $sent  how large it is, and when it was sent
     * @param  string  $amounts  of a gift card: "10.00, 25.00"
     * @param  list<AppointmentView>  $appointments  the earliest first
     */
    public function __construct(
        public string $giving,
        public string $file,
        public string $sent,
        public int $days,
        public int $times,
        public string $amounts,
        public array $appointments,
    ) {
    }

    public static function of(Stall $stall, ?SupplierItem $item): ?self
    {
        $good = $item === null ? null : OwnGood::ofItem($item);
        if ($good === null || $item === null) {
            return null;
        }
        $taken = SupplierVariant::query()->where('supplier_item_id', $item->id)->pluck('promised', 'external_id');
        $clock = Clock::of($stall);
        $now = now($clock->zone)->format('Y-m-d\TH:i');

        return new self(
            giving: $good->giving->value,
            file: (string) $good->file_name,
            sent: $good->file_at === null
                ? ''
                : Spoken::bytes((int) $good->file_bytes).', sent '.$clock->moment($good->file_at),
            days: $good->days,
            times: $good->times,
            amounts: implode(', ', array_map(static fn (int $minor): string => $stall->money($minor)->digits(), $good->amounts)),
            appointments: array_map(static fn (Appointment $one): AppointmentView => new AppointmentView(
                at: $one->write()['at'],
                words: $one->words(),
                places: $one->places,
                taken: (int) $taken->get($item->external_id.'/'.$one->code()),
                over: $one->write()['at'] <= $now,
            ), $good->times()),
        );
    }
}
