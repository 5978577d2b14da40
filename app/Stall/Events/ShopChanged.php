<?php

declare(strict_types=1);

namespace WindowStall\Stall\Events;

/** What shoppers see of a stall has changed: its shop has a new revision. */
final readonly class ShopChanged
{
    /**
     * @param  string  $handle  the stall's
     * @param  list<string>|null  $only  the ends of addresses of goods whose pages alone changed, besides those that
     *     show several goods; null where any page may have
     */
    public function __construct(public string $handle, public int $revision, public ?array $only)
    {
    }
}
