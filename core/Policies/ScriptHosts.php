<?php

declare(strict_types=1);

namespace WindowStall\Core\Policies;

/** The hosts that somebody else's script is loaded from and talks to, as they stand in a content security policy. */
final class ScriptHosts
{
    /** A name of at least two parts, or all below one; no address in figures. */
    private const HOST = '/^(\*\.)?([a-z0-9]([a-z0-9-]{0,61}[a-z0-9])?\.)+[a-z][a-z0-9-]{0,61}[a-z0-9]$/D';

    private const MOST = 12;

    /**
     * @param  string  $typed  hosts with anything between them
     * @return list<string>|null in the order typed; null where one of them is none, or there are too many
     */
    public static function read(string $typed): ?array
    {
        $hosts = preg_split('/[\s,;]+/', strtolower(trim($typed)), flags: PREG_SPLIT_NO_EMPTY) ?: [];
        foreach ($hosts as $host) {
            if (preg_match(self::HOST, $host) !== 1) {
                return null;
            }
        }

        return count($hosts) <= self::MOST ? array_values(array_unique($hosts)) : null;
    }

    /** The host of an address that may be loaded: by TLS, with nobody's name and on no port of its own; null for any other. */
    public static function ofAddress(string $address): ?string
    {
        $parts = parse_url($address);
        $host = is_array($parts) ? strtolower($parts['host'] ?? '') : '';
        $plain = is_array($parts) && ($parts['scheme'] ?? '') === 'https' && ! isset($parts['user']) && ! isset($parts['port']);

        return $plain && ! str_starts_with($host, '*') && preg_match(self::HOST, $host) === 1 ? $host : null;
    }

    /**
     * @param  list<string>  $hosts
     * @return list<string> what a page may do that loads from them, and nothing else; directives of CSP level 3
     */
    public static function policy(array $hosts): array
    {
        $from = implode(' ', array_map(static fn (string $host): string => 'https://'.$host, array_unique($hosts)));

        return [
            "default-src 'none'",
            'script-src '.$from,
            'img-src '.$from,
            'connect-src '.$from,
            "style-src 'unsafe-inline'",
            "base-uri 'none'",
            "form-action 'none'",
            "frame-ancestors 'self'",
            'sandbox allow-scripts',
        ];
    }
}
