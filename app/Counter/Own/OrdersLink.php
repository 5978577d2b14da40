<?php

declare(strict_types=1);

namespace WindowStall\Counter\Own;

use Illuminate\Contracts\Encryption\DecryptException;
use Illuminate\Support\Facades\Crypt;
use WindowStall\Stall\Stall;

/** The address of all of somebody's orders in one shop: sealed, for an hour, and sent to their mail only. */
final class OrdersLink
{
    private const SECONDS = 3_600;

    public static function to(Stall $stall, string $email): string
    {
        $sealed = Crypt::encryptString(json_encode([$stall->id, mb_strtolower($email), now()->getTimestamp() + self::SECONDS], JSON_THROW_ON_ERROR));

        return $stall->shopAddress('/orders/mine/'.rtrim(strtr($sealed, '+/', '-_'), '='));
    }

    /** @return string|null the mail address; null where the link is over, or another shop's */
    public static function read(Stall $stall, string $sealed): ?string
    {
        try {
            $said = json_decode(Crypt::decryptString(strtr($sealed, '-_', '+/')), true);
        } catch (DecryptException) {
            return null;
        }
        [$of, $email, $until] = is_array($said) && count($said) === 3 ? array_values($said) : [null, null, 0];

        return $of === $stall->id && is_string($email) && is_int($until) && $until > now()->getTimestamp() ? $email : null;
    }
}
