<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors;

use WindowStall\Core\Dispatch\Asking\WishState;

/** How a supplier says a request stands: all that was written, and what it offers. */
final readonly class SaidRequest
{
    /**
     * @param  list<array{id: string, key: string|null, theirs: bool, words: string, at: \DateTimeImmutable}>  $messages
     * @param  list<SaidOffer>  $offers
     */
    public function __construct(
        public string $externalId,
        public WishState $state,
        public array $messages,
        public array $offers,
    ) {
    }
}
