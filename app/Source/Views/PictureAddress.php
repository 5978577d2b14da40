<?php

declare(strict_types=1);

namespace WindowStall\Source\Views;

/**
 * Where a supplier's picture is shown from in the workshop. Suppliers that serve smaller ones are asked for them by
 * ?px=.
 */
final class PictureAddress
{
    public static function small(string $address, int $pixels): string
    {
        return str_contains($address, '?') ? $address : $address.'?px='.$pixels;
    }
}
