<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Views;

use WindowStall\Bench\Listing;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\StallTaxClass;

/** Goods that aren't taxed at the standard rate. */
final readonly class TaxClassView
{
    /** @param  string  $name  what they are, or what the listing is called */
    public function __construct(
        public string $by,
        public string $value,
        public string $name,
        public string $class,
        public string $words,
    ) {
    }

    public static function of(Stall $stall, StallTaxClass $class): self
    {
        return new self(
            by: $class->by,
            value: $class->value,
            name: $class->by === 'type'
                ? $class->value
                : (string) Listing::of($stall)->whereKey((int) $class->value)->value('shown_title'),
            class: $class->class->value,
            words: $class->class->words(),
        );
    }
}
