<?php

declare(strict_types=1);

namespace WindowStall\Core\Feeds;

/**
 * A cell whose bytes are no text: the reader of the file leaves the sign U+FFFD in their place (Unicode, "replacement
 * character"), and whoever reads the row names it instead of taking half a word for the whole.
 */
final class BrokenText
{
    public const SIGN = "\u{FFFD}";

    public const REASON = 'Part of this cell is no text: its bytes aren’t UTF-8. Save the file again as UTF-8.';

    public static function in(string $cell): bool
    {
        return str_contains($cell, self::SIGN);
    }
}
