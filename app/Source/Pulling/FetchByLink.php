<?php

declare(strict_types=1);

namespace WindowStall\Source\Pulling;

use WindowStall\Runs\RunState;
use WindowStall\Source\Connectors\FetchesByLink;
use WindowStall\Source\Connectors\SupplierTrouble;
use WindowStall\Source\Events\SupplierSaidMore;
use WindowStall\Source\Finding\LearnWords;
use WindowStall\Source\Landing\LandItems;
use WindowStall\Source\SupplierConnection;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Stall;
use WindowStall\Support\Outbound\PublicAddress;
use WindowStall\Support\Refusal;

/** Fetches one item by the address of its page at a connected supplier, and stores it as a pull would. */
final readonly class FetchByLink
{
    public function __construct(private SaveItems $save, private LandItems $land, private LearnWords $learn)
    {
    }

    /** @throws Refusal|SupplierTrouble */
    public function __invoke(Stall $stall, string $address): SupplierItem
    {
        $address = trim($address);
        PublicAddress::of($address);
        foreach (SupplierConnection::of($stall)->whereNull('disconnected_at')->get() as $connection) {
            $connector = $connection->connector();
            $id = $connector instanceof FetchesByLink ? $connector->idIn($connection->access(), $address) : null;
            if ($id === null || ! ($connector instanceof FetchesByLink)) {
                continue;
            }
            $said = $connector->item($connection->access(), $id);
            $connection->runs()->create([
                'stall_id' => $stall->id,
                'state' => RunState::Done,
                'doing' => '',
                'started_at' => now(),
                'ended_at' => now(),
                'subject' => ['item' => $id],
                'counts' => ($this->save)($connection, [$said]),
                'done' => 1,
                'total' => 1,
            ]);
            ($this->land)($stall, $connection, only: [$said->id]);
            ($this->learn)($stall);
            event(new SupplierSaidMore($connection, item: $id));

            return SupplierItem::of($stall)->where('connection_id', $connection->id)->where('external_id', $id)->firstOrFail();
        }
        $host = (string) parse_url($address, PHP_URL_HOST);
        throw new Refusal(
            SupplierConnection::of($stall)
                ->whereNull('disconnected_at')
                ->where('address', 'like', '%'.addcslashes($host, '%_').'%')
                ->exists()
                ? 'This isn’t the page of an item. Open the item at the supplier and copy the address from there.'
                : sprintf('No supplier of yours answers at %s. Connect it first.', $host),
        );
    }
}
