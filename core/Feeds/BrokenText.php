<?php

declare(strict_types=1);

namespace WindowStall\Core\Feeds;

/**
 * A cell that can't be taken as it stands. Whoever reads the file leaves a sign in it, and whoever reads the row names it
 * instead of taking half a word, or half a file, for the whole.
 */
final class BrokenText
{
    /** In place of bytes that are no text: U+FFFD (Unicode, "replacement character"). */
    public const SIGN = "\u{FFFD}";

    /** Before a row whose quotation mark is never closed: U+FDD0 (Unicode, a noncharacter; no text holds it). */
    public const OPEN_QUOTE = "\u{FDD0}";

    /** Before a line that isn't right JSON: U+FDD1, likewise. */
    public const NO_JSON = "\u{FDD1}";

    /** Before what stands where a record belongs: U+FDD2, likewise. */
    public const NO_RECORD = "\u{FDD2}";

    /** Before a row with more cells than columns are named: U+FDD3, likewise. */
    public const TOO_WIDE = "\u{FDD3}";

    public const REASON = 'Part of this cell is no text: its bytes aren’t UTF-8. Save the file again as UTF-8.';

    public const REASON_OPEN = 'A quotation mark opens here and is never closed. Close it, or double it if it is a letter.';

    public const REASON_JSON = 'This line isn’t right JSON; something is missing in it, or too much.';

    public const REASON_NO_RECORD = 'A record of goods belongs here, and something else stands in its place.';

    public const REASON_TOO_WIDE =
        'This row has more cells than there are columns with a name. Perhaps the sign that parts cells stands within one, '.
        'such as a decimal comma: put that cell in quotation marks.';

    public const REASON_NUL = 'A sign that is no letter (NUL) stands in this cell. Save the file again as UTF-8.';

    public static function in(string $cell): bool
    {
        return self::reason($cell) !== null;
    }

    /** Why the cell can't be taken; null when it can. */
    public static function reason(string $cell): ?string
    {
        return match (true) {
            str_starts_with($cell, self::OPEN_QUOTE) => self::REASON_OPEN,
            str_starts_with($cell, self::NO_JSON) => self::REASON_JSON,
            str_starts_with($cell, self::NO_RECORD) => self::REASON_NO_RECORD,
            str_starts_with($cell, self::TOO_WIDE) => self::REASON_TOO_WIDE,
            str_contains($cell, self::SIGN) => self::REASON,
            str_contains($cell, "\0") => self::REASON_NUL,
            default => null,
        };
    }

    /** The cell as a person sees it. */
    public static function shown(string $cell): string
    {
        return str_replace([self::OPEN_QUOTE, self::NO_JSON, self::NO_RECORD, self::TOO_WIDE, "\0"], '', $cell);
    }
}
