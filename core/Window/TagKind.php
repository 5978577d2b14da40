<?php

declare(strict_types=1);

namespace WindowStall\Core\Window;

/** What a corner tag may say of goods: each of them can be computed. */
enum TagKind: string
{
    /** In the window for less than so many days. */
    case Newest = 'new';

    /** So many pieces are left, or fewer. */
    case Few = 'few';

    /** It had sold out, and can be bought again since less than so many days. */
    case Back = 'back';

    /** Bought now, it is there by that day of the week (1 for Monday, as ISO 8601 counts). */
    case ByDay = 'by_day';

    /** It is printed to order. */
    case Printed = 'printed';

    /** @return array{int, int}|null least and most of its number; null where it has none */
    public function range(): ?array
    {
        return match ($this) {
            self::Newest => [1, 90],
            self::Few => [1, 20],
            self::Back => [1, 60],
            self::ByDay => [1, 7],
            self::Printed => null,
        };
    }

    public function usual(): int
    {
        return match ($this) {
            self::Newest => 14,
            self::Few => 3,
            self::Back => 10,
            self::ByDay => 5,
            self::Printed => 0,
        };
    }
}
