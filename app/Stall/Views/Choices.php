<?php

declare(strict_types=1);

namespace WindowStall\Stall\Views;

use Symfony\Component\Intl\Countries;

/** Lists for choosing from. */
final class Choices
{
    /** @return list<array{code: string, name: string}> by name */
    public static function countries(): array
    {
        $names = Countries::getNames('en');
        asort($names);

        return array_map(
            static fn (string $code, string $name): array => ['code' => $code, 'name' => $name],
            array_keys($names),
            $names,
        );
    }
}
