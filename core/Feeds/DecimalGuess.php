<?php

declare(strict_types=1);

namespace WindowStall\Core\Feeds;

/** Which sign a column's figures are written with, and whether a person has to say. */
final readonly class DecimalGuess
{
    /** @param  string|null  $doubt  what is asked of a person; null when only one reading fits */
    private function __construct(public DecimalSign $sign, public ?string $doubt)
    {
    }

    public static function sure(DecimalSign $sign): self
    {
        return new self($sign, null);
    }

    /** @param  string  $figure  such as 1,234 */
    public static function either(DecimalSign $sign, string $figure): self
    {
        return new self(
            $sign,
            sprintf(
                '“%s” can be read as %s or as %s, and no figure here tells which. Say it.',
                $figure,
                (string) DecimalSign::Point->read($figure),
                (string) DecimalSign::Comma->read($figure),
            ),
        );
    }

    public static function divided(DecimalSign $sign, string $point, string $comma): self
    {
        return new self(
            $sign,
            sprintf(
                '“%s” has a decimal point and “%s” a decimal comma. Rows with the other sign are left out.',
                $point,
                $comma,
            ),
        );
    }
}
