<?php

declare(strict_types=1);

namespace WindowStall\Source\Account;

use Illuminate\Support\Facades\DB;
use WindowStall\Source\Connectors\AccountStanding;
use WindowStall\Source\Connectors\KeepsAccount;
use WindowStall\Source\Connectors\SupplierTrouble;
use WindowStall\Source\SupplierConnection;
use WindowStall\Source\SupplierVariant;

/** Asks a supplier how the stall's account stands, and writes down what it says. */
final class ReadAccount
{
    /** Minutes after which it is looked at again by itself. */
    private const EVERY = 60;

    /** @throws SupplierTrouble */
    public function __invoke(SupplierConnection $connection): void
    {
        $connector = $connection->connector();
        if (! $connector instanceof KeepsAccount) {
            $connection->update(['account_next_at' => null]);

            return;
        }
        // Whoever breaks off comes again in its turn.
        $connection->update(['account_next_at' => now()->addMinutes(self::EVERY)]);
        // What is charged after this moment isn't in what it says.
        $at = now();
        $standing = $connector->standing($connection->access());
        DB::transaction(function () use ($connection, $standing, $at): void {
            $row = SupplierConnection::query()->whereKey($connection->id)->lockForUpdate()->firstOrFail();
            $row->update([
                'pays' => match (true) {
                    $standing->balance !== null => 'ahead',
                    $row->pays === 'ahead' => 'bills',
                    default => $row->pays,
                },
                'balance_minor' => $standing->balance?->minor,
                'balance_currency' => $standing->balance?->currency->code,
                'balance_at' => $standing->balance === null ? null : $at,
                'most_pieces' => $standing->mostPieces ?? $row->most_pieces,
            ]);
            self::keepAhead($row, $standing);
        }, attempts: 3);
    }

    private static function keepAhead(SupplierConnection $connection, AccountStanding $standing): void
    {
        $known = SupplierVariant::query()
            ->whereIn('external_id', array_keys($standing->ahead))
            ->whereHas('item', static fn ($q) => $q->where('connection_id', $connection->id))
            ->pluck('id', 'external_id');
        $rows = [];
        foreach ($standing->ahead as $variant => $lots) {
            foreach ($known->has($variant) ? $lots : [] as $lot) {
                $rows[] = [
                    'stall_id' => $connection->stall_id,
                    'connection_id' => $connection->id,
                    'supplier_variant_id' => $known->get($variant),
                    'pieces' => $lot['pieces'],
                    'left' => $lot['left'],
                    'cost_minor' => $lot['cost']->minor,
                    'currency' => $lot['cost']->currency->code,
                ];
            }
        }
        BoughtAhead::query()->where('connection_id', $connection->id)->delete();
        BoughtAhead::query()->insert($rows);
    }
}
