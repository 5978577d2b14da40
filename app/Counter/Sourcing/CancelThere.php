<?php

declare(strict_types=1);

namespace WindowStall\Counter\Sourcing;

use WindowStall\Core\Dispatch\SupplierOrderState;
use WindowStall\Counter\ApplyAnswer;
use WindowStall\Counter\SupplierOrder;
use WindowStall\Source\Connectors\SupplierTrouble;
use WindowStall\Support\Refusal;

/**
 * Asks a supplier not to send what it has. What it says is taken as any other news of it; its lines then wait for another
 * source, or for the money to go back.
 */
final readonly class CancelThere
{
    public function __construct(private ApplyAnswer $apply)
    {
    }

    /** @throws Refusal where it is too late, or nobody answers */
    public function __invoke(SupplierOrder $row): void
    {
        $name = (string) $row->connection?->name;
        $ordering = $row->connection?->ordering();
        if ($ordering === null || $row->connection === null || $row->external_id === null || ! $row->state->open()) {
            throw new Refusal(sprintf('%s has nothing of it that could be cancelled.', $name));
        }
        try {
            $answer = $ordering->cancel($row->connection->access(), $row->external_id);
        } catch (SupplierTrouble $trouble) {
            throw new Refusal($trouble->getMessage());
        }
        ($this->apply)($row, $answer);
        if ($answer->state !== SupplierOrderState::Withdrawn) {
            throw new Refusal(sprintf('%s can’t stop it any more: it is %s.', $name, $answer->state->words()));
        }
    }
}
