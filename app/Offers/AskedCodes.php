<?php

declare(strict_types=1);

namespace WindowStall\Offers;

/** What is known of who uses codes. */
final readonly class AskedCodes
{
    /**
     * @param  list<string>  $typed  as {@see \WindowStall\Core\Basket\Codes\TypedCode} reads them
     * @param  string  $country  where it goes, ISO 3166-1
     * @param  string  $basket  whose own order doesn't count as a use
     * @param  string|null  $email  null until the shopper has said it
     */
    public function __construct(
        public array $typed,
        public string $country,
        public string $basket = '',
        public ?string $email = null,
    ) {
    }
}
