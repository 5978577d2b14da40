<?php

declare(strict_types=1);

namespace WindowStall\Hooks\Views;

use WindowStall\Hooks\Delivery;
use WindowStall\Hooks\DeliveryState;

/** One message to a program, and what became of it. */
final readonly class DeliveryView
{
    public function __construct(
        public int $id,
        public string $event,
        public string $when,
        public string $state,
        public string $words,
        public string $body,
    ) {
    }

    public static function of(Delivery $delivery): self
    {
        $tries = $delivery->tries === 1 ? 'once' : $delivery->tries.' times';

        return new self(
            id: $delivery->id,
            event: $delivery->event,
            when: $delivery->created_at?->diffForHumans() ?? '',
            state: $delivery->state->value,
            words: match ($delivery->state) {
                DeliveryState::Delivered => 'arrived',
                DeliveryState::Failed => sprintf('given up, tried %s. %s', $tries, $delivery->trouble),
                DeliveryState::Waiting => $delivery->tries === 0
                    ? 'on its way'
                    : sprintf('tried %s, goes again. %s', $tries, $delivery->trouble),
            },
            body: $delivery->body,
        );
    }
}
