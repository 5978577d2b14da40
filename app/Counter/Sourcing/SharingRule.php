<?php

declare(strict_types=1);

namespace WindowStall\Counter\Sourcing;

use WindowStall\Core\Dispatch\Sourcing\SourcingPreference;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;

/** How a stall has its orders shared out: what counts, in turn, and its suppliers in the order it likes them. */
final readonly class SharingRule
{
    /**
     * @param  non-empty-list<SourcingPreference>  $preferences
     * @param  list<int>  $suppliers  connections, the first first
     */
    public function __construct(public array $preferences, public array $suppliers)
    {
    }

    public static function of(Stall $stall): self
    {
        $said = is_array($stall->sharing) ? $stall->sharing : [];
        $preferences = array_values(array_filter(array_map(
            static fn (mixed $one): ?SourcingPreference => is_string($one) ? SourcingPreference::tryFrom($one) : null,
            is_array($said['preferences'] ?? null) ? $said['preferences'] : [],
        )));
        $liked = array_values(array_filter(is_array($said['suppliers'] ?? null) ? $said['suppliers'] : [], is_int(...)));
        $all = SupplierConnection::of($stall)->orderBy('id')->pluck('id')->map(intval(...))->all();

        return new self(
            $preferences === [] ? [SourcingPreference::AsSold] : $preferences,
            array_values(array_unique([...array_intersect($liked, $all), ...$all])),
        );
    }
}
