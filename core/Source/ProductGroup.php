<?php

declare(strict_types=1);

namespace WindowStall\Core\Source;

/** Variants of one supplier item that are probably one product. */
final readonly class ProductGroup
{
    /**
     * @param  string  $name  what it might be called
     * @param  list<string>  $variants  the supplier's ids
     * @param  list<string>  $values  of the option that tells the products apart
     */
    public function __construct(public string $name, public array $variants, public array $values)
    {
    }
}
