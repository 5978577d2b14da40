<?php

declare(strict_types=1);

namespace WindowStall\Core\Landing;

use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Money\Money;

/** One thing to be careful about, with its figures. */
final readonly class Caution
{
    /** From this many working days on, goods from abroad count as far away. */
    public const FAR = 10;

    /** @param  int|null  $promise  working days that the stall promises */
    public function __construct(
        public CautionKind $kind,
        public ?Money $one = null,
        public ?Money $other = null,
        public ?string $warehouse = null,
        public ?DayRange $days = null,
        public ?int $promise = null,
    ) {
    }

    /**
     * @param  Money|null  $rrp  in the stall's currency
     * @param  array<string, int>  $stock  pieces by warehouse
     * @param  string  $market  ISO 3166 country
     * @param  int|null  $promise  working days within which the shop promises delivery
     * @return list<self> the costliest mistake first
     */
    public static function about(
        LandedCost $landed,
        ?Money $rrp,
        array $stock,
        string $market,
        ?int $promise = null,
    ): array {
        $found = [];
        if (array_sum($stock) === 0) {
            $found[] = new self(CautionKind::SoldOut);
        }
        if ($rrp !== null && $rrp->compare($landed->total) < 0) {
            $found[] = new self(CautionKind::RrpUnderLanded, $rrp, $landed->total);
        }
        if ($landed->deliveryOutweighsGoods()) {
            $found[] = new self(CautionKind::DearDelivery, $landed->delivery, $landed->goods);
        }
        if (($stock[$market] ?? 0) === 0 && $landed->by->days->max > self::FAR) {
            $found[] = new self(CautionKind::NothingNear, warehouse: $landed->by->warehouse, days: $landed->by->days);
        }
        if ($promise !== null && $landed->by->days->max > $promise) {
            $found[] = new self(CautionKind::SlowerThanPromised, days: $landed->by->days, promise: $promise);
        }

        return $found;
    }
}
