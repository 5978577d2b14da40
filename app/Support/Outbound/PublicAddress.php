<?php

declare(strict_types=1);

namespace WindowStall\Support\Outbound;

use Symfony\Component\HttpFoundation\IpUtils;
use WindowStall\Support\Refusal;

/**
 * An address that the workshop may call: public and https, the stand-ins' own hosts aside. So no seller, and nothing a
 * supplier answers, can send the workshop into its own network.
 */
final readonly class PublicAddress
{
    /**
     * Besides what PHP and Symfony know of: multicast, 6to4 relays, whatever embeds another address, and ranges not
     * given out. https://www.iana.org/assignments/iana-ipv4-special-registry, …/iana-ipv6-special-registry
     */
    private const SPECIAL = [
        '192.0.0.0/24',
        '192.88.99.0/24',
        '224.0.0.0/4',
        '64:ff9b::/96',
        '64:ff9b:1::/48',
        '100::/64',
        '100:0:0:1::/64',
        '2001::/23',
        '2002::/16',
        '3fff::/20',
        '5f00::/16',
        'fec0::/10',
        'ff00::/8',
    ];

    /**
     * @param  string|null  $ip  what the host was found to be when it was checked; calls must go there, not where a
     *     second look-up leads
     */
    private function __construct(public string $url, public string $host, public int $port, public ?string $ip)
    {
    }

    /** @throws Refusal|Unreachable in words for the seller */
    public static function of(string $url): self
    {
        $url = trim($url);
        $parts = parse_url($url);
        $host = is_array($parts) ? strtolower(trim((string) ($parts['host'] ?? ''), '[]')) : '';
        $scheme = is_array($parts) ? strtolower((string) ($parts['scheme'] ?? '')) : '';
        $port = is_array($parts) ? (int) ($parts['port'] ?? ($scheme === 'http' ? 80 : 443)) : 0;
        if ($scheme === 'http' && self::standIn($host, $port)) {
            return new self($url, $host, $port, null);
        }
        if ($scheme !== 'https' || $host === '') {
            throw new Refusal('An address that is called from here begins with https://.');
        }
        if (isset($parts['user']) || isset($parts['pass'])) {
            throw new Refusal('Leave name and password out of the address.');
        }
        $addresses = filter_var($host, FILTER_VALIDATE_IP) !== false ? [$host] : self::lookUp($host);
        foreach ($addresses as $ip) {
            if (! self::global($ip)) {
                throw new Refusal(sprintf('%s lies in a private network; only public addresses are called.', $host));
            }
        }

        return new self(
            $url,
            $host,
            $port,
            $addresses[0] ?? throw new Unreachable(sprintf('There is no host called %s. Check the address.', $host)),
        );
    }

    /** Whether an address can be reached by anybody: not of a private or special network, however it is written. */
    public static function global(string $ip): bool
    {
        return filter_var($ip, FILTER_VALIDATE_IP, FILTER_FLAG_GLOBAL_RANGE) !== false &&
            ! IpUtils::isPrivateIp($ip) &&
            ! IpUtils::checkIp($ip, self::SPECIAL);
    }

    /** The small services that ship with the program, at their own hosts and port, where it runs with them. */
    private static function standIn(string $host, int $port): bool
    {
        $suffix = '.'.config('stall.standins_host');

        return (bool) config('stall.standins.run') &&
            str_ends_with($host, $suffix) &&
            in_array(substr($host, 0, -strlen($suffix)), (array) config('stall.standins.names'), true) &&
            in_array($port, (array) config('stall.standins.ports'), true);
    }

    /** @return list<string> */
    private static function lookUp(string $host): array
    {
        $found = gethostbynamel($host) ?: [];
        foreach ($found === [] ? (@dns_get_record($host, DNS_AAAA) ?: []) : [] as $record) {
            is_string($record['ipv6'] ?? null) && ($found[] = $record['ipv6']);
        }

        return $found;
    }

    /** @return array<string, mixed> options for the HTTP client: no redirects, and the address that was checked */
    public function options(): array
    {
        return ['allow_redirects' => false] +
            ($this->ip === null
                ? []
                : [
                    'curl' => [
                        CURLOPT_RESOLVE => [
                            sprintf(
                                '%s:%d:%s',
                                $this->host,
                                $this->port,
                                str_contains($this->ip, ':') ? '['.$this->ip.']' : $this->ip,
                            ),
                        ],
                    ],
                ]);
    }
}
