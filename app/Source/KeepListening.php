<?php

declare(strict_types=1);

namespace WindowStall\Source;

use WindowStall\Source\Connectors\SupplierTrouble;

/** Sees at each pull that the supplier still sends its news here, and asks for it again where it doesn't. */
final class KeepListening
{
    public function __invoke(SupplierConnection $connection): void
    {
        try {
            $this->ask($connection);
        } catch (SupplierTrouble) {
            // A supplier that is away says so to the pull itself; this is looked after at the next.
        }
    }

    private function ask(SupplierConnection $connection): void
    {
        $ordering = $connection->ordering();
        if ($ordering === null) {
            return;
        }
        $account = SupplierAccount::of($connection->kind, $connection->address, $connection->secrets['key']);
        $ours = route('hooks.supplier', $account->id);
        $sentTo = $ordering->listensAt($connection->access());
        $known = $connection->account === $account->id;
        if ($known && $sentTo === $ours) {
            $connection->update(['unheard_from' => null]);

            return;
        }
        $ordering->listen($connection->access(), $ours, $account->secret);
        $connection->update([
            'account' => $account->id,
            'secrets' => ['hook' => $account->secret] + $connection->secrets,
            // Since the last news that came, some may have gone elsewhere.
            'unheard_from' => $known && $sentTo !== null ? $connection->heard_at ?? $connection->pulled_at : null,
        ]);
    }
}
