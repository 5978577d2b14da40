<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections;

use WindowStall\Support\Refusal;

/** The kinds of section there are. */
final class SectionKinds
{
    /** @return list<SectionKind> */
    public static function all(): array
    {
        return [new NoticeStrip, new Hero, new ProductRow, new Foot];
    }

    /** @throws Refusal */
    public static function get(string $key): SectionKind
    {
        foreach (self::all() as $kind) {
            if ($kind->key() === $key) {
                return $kind;
            }
        }
        throw new Refusal('There is no section of that kind.');
    }
}
