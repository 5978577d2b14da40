<?php

declare(strict_types=1);

namespace WindowStall\Hooks;

/**
 * Signs a message as Standard Webhooks has it (https://www.standardwebhooks.com): HMAC with SHA-256 over id, time and
 * body.
 */
final class Signature
{
    private const PREFIX = 'whsec_';

    public static function secret(): string
    {
        return self::PREFIX.base64_encode(random_bytes(24));
    }

    /**
     * @param  int  $at  seconds since 1970
     * @return array<string, string> the headers it goes with
     */
    public static function headers(string $secret, string $id, int $at, string $body): array
    {
        $key = (string) base64_decode(substr($secret, strlen(self::PREFIX)), true);

        return [
            'webhook-id' => $id,
            'webhook-timestamp' => (string) $at,
            'webhook-signature' => 'v1,'.base64_encode(hash_hmac('sha256', $id.'.'.$at.'.'.$body, $key, true)),
        ];
    }
}
