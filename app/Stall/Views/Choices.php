<?php

declare(strict_types=1);

namespace WindowStall\Stall\Views;

use Symfony\Component\Intl\Countries;
use WindowStall\Core\Delivery\Address\AddressForm;

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

    /** @return array<string, list<array{code: string, name: string}>> parts by country, of those whose addresses name one */
    public static function parts(): array
    {
        return array_map(
            static fn (array $parts): array => array_map(
                static fn (string $code, string $name): array => ['code' => $code, 'name' => $name],
                array_keys($parts),
                $parts,
            ),
            AddressForm::allParts(),
        );
    }
}
