<?php

declare(strict_types=1);

namespace WindowStall\Counter\Views;

/** One thing between a stall and a person: something said, an order, a parcel, money given back. */
final readonly class ThreadLineView
{
    /**
     * @param  'theirs'|'ours'|'order'|'back'|'return'  $kind
     * @param  string|null  $link  in the workshop
     */
    public function __construct(
        public string $key,
        public string $kind,
        public string $words,
        public string $when,
        public ?string $link,
    ) {
    }
}
