<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

use WindowStall\Core\Bench\Twin;
use WindowStall\Support\Views\MoneyView;

/** One of the variants that fall together; `standsIn` when it would sell while the kept one is sold out. */
final readonly class TwinRowView
{
    public function __construct(
        public int $id,
        public string $value,
        public ?MoneyView $landed,
        public ?string $days,
        public int $stock,
        public bool $standsIn,
    ) {
    }

    public static function of(Twin $twin, string $option, int $promise): self
    {
        return new self(
            id: $twin->id,
            value: $twin->options[$option] ?? 'none',
            landed: MoneyView::ofNullable($twin->landed),
            days: $twin->days?->words(),
            stock: $twin->stock,
            standsIn: $twin->landed !== null && ($twin->days->max ?? 0) <= $promise,
        );
    }
}
