<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors;

use WindowStall\Core\Dispatch\Asking\WishKind;
use WindowStall\Core\Money\Money;

/** What a supplier is asked for. */
final readonly class SupplierWish
{
    /**
     * @param  string|null  $item  the supplier's code of it
     * @param  string|null  $variant  likewise
     * @param  Money|null  $wished  for a piece
     * @param  string|null  $link  to something like it
     * @param  string|null  $picture  its address
     */
    public function __construct(
        public WishKind $kind,
        public string $words,
        public ?string $item = null,
        public ?string $variant = null,
        public ?int $pieces = null,
        public ?Money $wished = null,
        public ?string $link = null,
        public ?string $picture = null,
    ) {
    }
}
