<?php

declare(strict_types=1);

namespace WindowStall\Source\Views;

/** What the file’s amounts are in. */
final readonly class MappingCurrencyView
{
    /**
     * @param  list<string>  $all
     */
    public function __construct(
        public string $code,
        public array $all,
    ) {
    }
}
