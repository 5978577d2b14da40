<?php

declare(strict_types=1);

namespace WindowStall\Support\Outbound;

use WindowStall\Support\Refusal;

/**
 * An address that the workshop may call: public and https, the stand-ins' own host aside. So no seller, and nothing a supplier
 * answers, can send the workshop into its own network.
 */
final readonly class PublicAddress
{
    /** @param  string|null  $ip  what the host was found to be when it was checked; calls must go there, not where a second look-up leads */
    private function __construct(public string $url, public string $host, public int $port, public ?string $ip)
    {
    }

    /** @throws Refusal in words for the seller */
    public static function of(string $url): self
    {
        $url = trim($url);
        $parts = parse_url($url);
        $host = is_array($parts) ? strtolower(trim((string) ($parts['host'] ?? ''), '[]')) : '';
        $scheme = is_array($parts) ? strtolower((string) ($parts['scheme'] ?? '')) : '';
        $standins = (string) config('stall.standins_host');
        if ($scheme === 'http' && ($host === $standins || str_ends_with($host, '.'.$standins))) {
            return new self($url, $host, (int) ($parts['port'] ?? 80), null);
        }
        if ($scheme !== 'https' || $host === '') {
            throw new Refusal('A supplier’s address begins with https://.');
        }
        if (isset($parts['user']) || isset($parts['pass'])) {
            throw new Refusal('Leave name and password out of the address.');
        }
        $addresses = filter_var($host, FILTER_VALIDATE_IP) !== false ? [$host] : (gethostbynamel($host) ?: []);
        foreach ($addresses as $ip) {
            if (filter_var($ip, FILTER_VALIDATE_IP, FILTER_FLAG_NO_PRIV_RANGE | FILTER_FLAG_NO_RES_RANGE) === false) {
                throw new Refusal(sprintf('%s lies in a private network; suppliers are reached at public addresses only.', $host));
            }
        }

        return new self($url, $host, (int) ($parts['port'] ?? 443), $addresses[0] ?? throw new Refusal(sprintf('There is no host called %s. Check the address.', $host)));
    }

    /** @return array<string, mixed> options for the HTTP client: no redirects, and the address that was checked */
    public function options(): array
    {
        return ['allow_redirects' => false] + ($this->ip === null ? [] : ['curl' => [CURLOPT_RESOLVE => [sprintf('%s:%d:%s', $this->host, $this->port, $this->ip)]]]);
    }
}
