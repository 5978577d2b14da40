<?php

declare(strict_types=1);

namespace WindowStall\Source\Own;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use WindowStall\Core\Facts\FactName;
use WindowStall\Core\Facts\Policy;
use WindowStall\Core\Source\Giving;
use WindowStall\Source\Connectors\Own\OwnConnector;
use WindowStall\Source\Events\SupplierSaidMore;
use WindowStall\Source\Landing\LandItems;
use WindowStall\Source\Pulling\SaveItems;
use WindowStall\Source\Pulling\Schedule;
use WindowStall\Source\SupplierConnection;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Stall;

/** Writes down goods of a stall's own, and lets listings follow at once: the stall says both. */
final readonly class SaveOwnGood
{
    public function __construct(private SaveItems $save, private LandItems $land)
    {
    }

    public function make(Stall $stall, Giving $giving, string $name): OwnGood
    {
        return OwnGood::query()->create([
            'stall_id' => $stall->id,
            'connection_id' => self::connection($stall)->id,
            'giving' => $giving,
            'name' => $name,
        ])->refresh();
    }

    /** As it stands now. */
    public function say(Stall $stall, OwnGood $good): SupplierItem
    {
        $connection = SupplierConnection::withOwn($stall)->findOrFail($good->connection_id);
        $said = $good->setRelation('stall', $stall)->item();
        ($this->save)($connection, [$said]);
        SupplierItem::of($stall)
            ->where('connection_id', $connection->id)
            ->where('external_id', $said->id)
            ->update(['giving' => $good->giving]);
        ($this->land)($stall, $connection, only: [$said->id]);
        event(new SupplierSaidMore($connection, item: $said->id));

        return SupplierItem::of($stall)->where('connection_id', $connection->id)->where('external_id', $said->id)->firstOrFail();
    }

    /** Made when it is wanted first. */
    private static function connection(Stall $stall): SupplierConnection
    {
        return DB::transaction(static function () use ($stall): SupplierConnection {
            Stall::query()->whereKey($stall->id)->lockForUpdate()->first();

            return SupplierConnection::withOwn($stall)->where('kind', OwnConnector::KIND)->first()
                ?? SupplierConnection::withOwn($stall)->create([
                    'kind' => OwnConnector::KIND,
                    'name' => 'yourself',
                    'address' => '',
                    'public_id' => (string) Str::uuid(),
                    'secrets' => ['key' => '', 'hook' => ''],
                    'schedule' => Schedule::ByHand,
                    'policies' => array_fill_keys(array_column(FactName::cases(), 'value'), Policy::Follow->value) + ['band' => 100_000],
                ]);
        });
    }
}
