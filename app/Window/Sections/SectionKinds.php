<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections;

use ReflectionClass;
use WindowStall\Support\Refusal;
use WindowStall\Window\Plan;

/** The kinds of section there are: every class in this folder, in Goods and in Laid that is one. */
final class SectionKinds
{
    /** @var array<string, SectionKind>|null by key, in the order they are offered */
    private static ?array $kinds = null;

    /** @return list<SectionKind> */
    public static function all(): array
    {
        return array_values(self::byKey());
    }

    /** @return list<SectionKind> those that can be laid there */
    public static function on(Plan $plan): array
    {
        return array_values(array_filter(self::all(), $plan->holds(...)));
    }

    /** @throws Refusal */
    public static function get(string $key, Plan $plan = Plan::Front): SectionKind
    {
        return self::find($key, $plan) ?? throw new Refusal('There is no section of that kind for this page.');
    }

    public static function find(string $key, Plan $plan = Plan::Front): ?SectionKind
    {
        $kind = self::byKey()[$key] ?? null;

        return $kind !== null && $plan->holds($kind) ? $kind : null;
    }

    /** @return array<string, SectionKind> */
    private static function byKey(): array
    {
        if (self::$kinds !== null) {
            return self::$kinds;
        }
        $kinds = [];
        foreach (glob(__DIR__.'/{*,Goods/*,Laid/*}.php', GLOB_BRACE) ?: [] as $file) {
            $class = __NAMESPACE__.strtr(substr($file, strlen(__DIR__), -strlen('.php')), '/', '\\');
            if (is_subclass_of($class, SectionKind::class) && ! (new ReflectionClass($class))->isAbstract()) {
                $kinds[] = new $class;
            }
        }
        usort($kinds, static fn (SectionKind $a, SectionKind $b): int => $a->rank() <=> $b->rank());

        return self::$kinds = array_combine(array_map(static fn (SectionKind $k): string => $k->key(), $kinds), $kinds);
    }
}
