<?php

declare(strict_types=1);

namespace WindowStall\Core\Feeds;

/** Stock that is said in words. */
final class StockWords
{
    private const WORDS = [
        'yes' => true,
        'y' => true,
        'true' => true,
        'in stock' => true,
        'instock' => true,
        'in_stock' => true,
        'available' => true,
        'no' => false,
        'n' => false,
        'false' => false,
        'none' => false,
        'out of stock' => false,
        'out_of_stock' => false,
        'outofstock' => false,
        'sold out' => false,
        'unavailable' => false,
    ];

    /** Whether there is any; null when the words say nothing of stock. */
    public static function said(string $text): ?bool
    {
        return self::WORDS[mb_strtolower(trim($text))] ?? null;
    }

    /** Whether a cell may be stock: pieces, "10+", or words. */
    public static function fits(string $text): bool
    {
        return preg_match('/^[>+≥\s]*\d{1,7}\s*\+?$/uD', $text) === 1 || self::said($text) !== null;
    }
}
