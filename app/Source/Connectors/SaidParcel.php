<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors;

/** A parcel that a supplier says it has posted. */
final readonly class SaidParcel
{
    /** @param  array<string, int>  $pieces  by the supplier's id of a variant; empty where it doesn't say what is in it */
    public function __construct(public string $carrier, public ?string $tracking, public array $pieces = [])
    {
    }
}
