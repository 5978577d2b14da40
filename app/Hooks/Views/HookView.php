<?php

declare(strict_types=1);

namespace WindowStall\Hooks\Views;

use WindowStall\Hooks\Hook;
use WindowStall\Hooks\HookEvent;

/** One program that is told, with its last messages. */
final readonly class HookView
{
    private const SHOWN = 12;

    /** @param  list<DeliveryView>  $deliveries newest first */
    public function __construct(public int $id, public string $address, public string $when, public array $deliveries)
    {
    }

    public static function of(Hook $hook): self
    {
        $words = array_map(
            static fn (string $event): string => HookEvent::tryFrom($event)?->words() ?? $event,
            $hook->events,
        );

        return new self(
            id: $hook->id,
            address: $hook->address,
            when: 'when '.implode(', or ', $words),
            deliveries: array_values(
                $hook->deliveries()->latest('id')->limit(self::SHOWN)->get()->map(DeliveryView::of(...))->all(),
            ),
        );
    }
}
