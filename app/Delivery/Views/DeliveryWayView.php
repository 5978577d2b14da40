<?php

declare(strict_types=1);

namespace WindowStall\Delivery\Views;

use WindowStall\Core\Delivery\Ways\PlaceNotation;
use WindowStall\Core\Delivery\Ways\Way;
use WindowStall\Delivery\PlaceWords;
use WindowStall\Support\Views\MoneyView;

/**
 * One way to a place: the parts of its sentence, and the same as it is written.
 *
 * @phpstan-import-type WrittenWay from PlaceNotation
 */
final readonly class DeliveryWayView
{
    /** @param  array<string, mixed>  $written  in the notation of core */
    public function __construct(
        public string $name,
        public string $charge,
        public string $freeOver,
        public string $by,
        public array $written,
    ) {
    }

    /** @param  WrittenWay  $written */
    public static function of(Way $way, array $written): self
    {
        return new self(
            name: $way->name,
            charge: PlaceWords::charge($way),
            freeOver: $way->freeOver === null ? '' : MoneyView::text($way->freeOver),
            by: PlaceWords::by($way),
            written: $written,
        );
    }
}
