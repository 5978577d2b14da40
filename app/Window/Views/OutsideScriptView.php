<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use WindowStall\Stall\Stall;
use WindowStall\Window\Scripts\OutsideScript;

/** A script or pixel of somebody else beside the shop. */
final readonly class OutsideScriptView
{
    /**
     * @param  string  $purpose  "to count visits"
     * @param  string  $hosts  all it may load from and talk to
     */
    public function __construct(
        public int $id,
        public string $name,
        public string $purpose,
        public string $address,
        public string $hosts,
    ) {
    }

    /** @return list<self> */
    public static function all(Stall $stall): array
    {
        return array_values(OutsideScript::of($stall)->orderBy('id')->get()->map(static fn (OutsideScript $one): self => new self(
            id: $one->id,
            name: $one->name,
            purpose: $one->purpose->words(),
            address: $one->address,
            hosts: implode(', ', $one->allHosts()),
        ))->all());
    }
}
