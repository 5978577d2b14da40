<?php

declare(strict_types=1);

namespace WindowStall\Source\Views;

use WindowStall\Runs\Views\RunView;
use WindowStall\Source\SupplierConnection;

/** A supplier the stall is connected with, and its latest pull. */
final readonly class ConnectionView
{
    public function __construct(
        public int $id,
        public string $name,
        public ?string $pulled,
        public ?string $trouble,
        public ?RunView $run,
        public bool $paused,
        public bool $ready,
    ) {
    }

    public static function of(SupplierConnection $connection): self
    {
        $run = $connection->runs()->latest('id')->first();

        return new self(
            id: $connection->id,
            name: $connection->name,
            pulled: $connection->pulled_at?->diffForHumans(),
            trouble: $connection->trouble,
            run: $run === null ? null : RunView::of($run),
            paused: $connection->paused_at !== null,
            ready: ! $connection->connector()->card()->mapped || isset($connection->settings['mapping']),
        );
    }
}
