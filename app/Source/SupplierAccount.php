<?php

declare(strict_types=1);

namespace WindowStall\Source;

/**
 * An account at a supplier, told by its key. Whichever stalls connect by it, the address and the secret that its news is
 * sent by are the same, so that none takes the others' news away.
 */
final readonly class SupplierAccount
{
    private function __construct(public string $id, public string $secret)
    {
    }

    public static function of(string $kind, string $address, #[\SensitiveParameter] string $key): self
    {
        $made = static fn (string $what): string => hash_hmac(
            'sha256',
            implode("\n", [$what, $kind, rtrim($address, '/'), $key]),
            (string) config('app.key'),
        );

        return new self(self::uuid($made('account')), substr($made('news'), 0, 48));
    }

    /** A UUID of the form for values of one's own making (RFC 9562, version 8). */
    private static function uuid(string $hex): string
    {
        $variant = dechex((hexdec($hex[16]) & 0x3) | 0x8);

        return sprintf(
            '%s-%s-8%s-%s%s-%s',
            substr($hex, 0, 8),
            substr($hex, 8, 4),
            substr($hex, 13, 3),
            $variant,
            substr($hex, 17, 3),
            substr($hex, 20, 12),
        );
    }
}
