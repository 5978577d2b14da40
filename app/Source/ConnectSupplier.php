<?php

declare(strict_types=1);

namespace WindowStall\Source;

use Illuminate\Support\Str;
use WindowStall\Source\Connectors\Access;
use WindowStall\Source\Connectors\Connectors;
use WindowStall\Source\Connectors\SupplierTrouble;
use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;

/** Connects a stall with a supplier after trying the key, and asks the supplier to send news of orders. */
final readonly class ConnectSupplier
{
    public function __construct(private Connectors $connectors)
    {
    }

    /**
     * @throws SupplierTrouble when the key, the address or the supplier isn't right
     * @throws Refusal when the address is none, or is connected already
     */
    public function __invoke(Stall $stall, string $kind, string $address, #[\SensitiveParameter] string $key): SupplierConnection
    {
        $connector = $this->connectors->get($kind);
        $address = rtrim(trim($address), '/');
        $this->guard($address);
        $known = $stall->connections()->where('kind', $kind)->where('address', $address)->first();
        $access = new Access($address, trim($key));
        $connector->check($access);
        $secrets = ['key' => trim($key), 'hook' => Str::random(48)];
        $connection = $known ?? $stall->connections()->create(['public_id' => (string) Str::uuid(), 'kind' => $kind, 'name' => $connector->name(), 'address' => $address, 'secrets' => $secrets]);
        $connection->update(['secrets' => $secrets, 'trouble' => null]);
        $connector->listen($access, route('hooks.supplier', $connection->public_id), $secrets['hook']);

        return $connection;
    }

    /** The stand-ins' own host aside, an address has to be a public https one: no seller may send the workshop into its own network. */
    private function guard(string $address): void
    {
        $parts = parse_url($address);
        $host = is_array($parts) ? strtolower((string) ($parts['host'] ?? '')) : '';
        $standins = (string) config('stall.standins_host');
        if ($host !== '' && ($host === $standins || str_ends_with($host, '.'.$standins))) {
            return;
        }
        if (($parts['scheme'] ?? '') !== 'https' || $host === '') {
            throw new Refusal('A supplier’s address begins with https://.');
        }
        $addresses = filter_var($host, FILTER_VALIDATE_IP) ? [$host] : (gethostbynamel($host) ?: []);
        foreach ($addresses as $ip) {
            if (filter_var($ip, FILTER_VALIDATE_IP, FILTER_FLAG_NO_PRIV_RANGE | FILTER_FLAG_NO_RES_RANGE) === false) {
                throw new Refusal(sprintf('%s lies in a private network; suppliers are reached at public addresses only.', $host));
            }
        }
        if ($addresses === []) {
            throw SupplierTrouble::dead('the supplier', $host);
        }
    }
}
