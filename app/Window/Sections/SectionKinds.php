<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections;

use ReflectionClass;
use WindowStall\Support\Refusal;

/** The kinds of section there are: every class in this folder that is one. */
final class SectionKinds
{
    /** @var array<string, SectionKind>|null by key, in the order they are offered */
    private static ?array $kinds = null;

    /** @return list<SectionKind> */
    public static function all(): array
    {
        return array_values(self::byKey());
    }

    /** @throws Refusal */
    public static function get(string $key): SectionKind
    {
        return self::find($key) ?? throw new Refusal('There is no section of that kind.');
    }

    public static function find(string $key): ?SectionKind
    {
        return self::byKey()[$key] ?? null;
    }

    /** @return array<string, SectionKind> */
    private static function byKey(): array
    {
        if (self::$kinds !== null) {
            return self::$kinds;
        }
        $kinds = [];
        foreach (glob(__DIR__.'/*.php') ?: [] as $file) {
            $class = __NAMESPACE__.'\\'.basename($file, '.php');
            if (is_subclass_of($class, SectionKind::class) && ! (new ReflectionClass($class))->isAbstract()) {
                $kinds[] = new $class;
            }
        }
        usort($kinds, static fn (SectionKind $a, SectionKind $b): int => $a->rank() <=> $b->rank());

        return self::$kinds = array_combine(array_map(static fn (SectionKind $k): string => $k->key(), $kinds), $kinds);
    }
}
