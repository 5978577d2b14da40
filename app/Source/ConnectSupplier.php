<?php

declare(strict_types=1);

namespace WindowStall\Source;

use Illuminate\Support\Str;
use WindowStall\Source\Connectors\Access;
use WindowStall\Source\Connectors\Connectors;
use WindowStall\Source\Connectors\KeepsAccount;
use WindowStall\Source\Connectors\SupplierTrouble;
use WindowStall\Source\Connectors\TakesOrders;
use WindowStall\Source\Pulling\Schedule;
use WindowStall\Stall\Stall;
use WindowStall\Support\Outbound\PublicAddress;
use WindowStall\Support\Refusal;

/**
 * Connects a stall with a supplier after trying the address and key, and asks the supplier to send news of orders if it
 * can. One that was disconnected comes back with all it had.
 */
final readonly class ConnectSupplier
{
    public function __construct(private Connectors $connectors)
    {
    }

    /**
     * @param  string  $name  for kinds whose connections have names of their own
     * @param  array<string, mixed>  $settings  as the kind keeps them
     *
     * @throws SupplierTrouble when the key, the address or the supplier isn't right
     * @throws Refusal when the address is none
     */
    public function __invoke(
        Stall $stall,
        string $kind,
        string $address,
        #[\SensitiveParameter] string $key,
        string $name = '',
        array $settings = [],
    ): SupplierConnection {
        $connector = $this->connectors->get($kind);
        $address = rtrim(trim($address), '/');
        // What a person sent lies here; it has a name instead of an address.
        if (! isset($settings['file'])) {
            PublicAddress::of($address);
        }
        $access = new Access($address, trim($key), $settings);
        $connector->check($access);
        $known = SupplierConnection::of($stall)->where('kind', $kind)->where('address', $address)->first();
        $account = SupplierAccount::of($kind, $address, trim($key));
        $secrets = ['key' => trim($key), 'hook' => $account->secret];
        $name = $connector->card()->named ? mb_substr(trim($name), 0, 80) : $connector->card()->name;
        $facts = [
            'name' => $name,
            'secrets' => $secrets,
            'account' => $connector instanceof TakesOrders ? $account->id : null,
            'account_next_at' => $connector instanceof KeepsAccount ? now() : null,
            'trouble' => null,
            'failures' => 0,
            'paused_at' => null,
            'disconnected_at' => null,
        ];
        if ($known === null) {
            $connection = SupplierConnection::of($stall)
                ->create(
                    $facts + [
                        'public_id' => (string) Str::uuid(),
                        'kind' => $kind,
                        'address' => $address,
                        'settings' => $settings,
                        'schedule' => isset($settings['file']) ? Schedule::ByHand : Schedule::Nightly,
                    ],
                );
        } else {
            $connection = $known;
            $connection->update($facts + ['settings' => $settings + $known->settings]);
        }
        if ($connector instanceof TakesOrders) {
            $connector->listen($access, route('hooks.supplier', $account->id), $account->secret);
        }

        return $connection->refresh();
    }
}
