<?php

declare(strict_types=1);

namespace WindowStall\Support\Views;

use BackedEnum;

/** One of a few to choose from. */
final readonly class ChoiceView
{
    public function __construct(public string $value, public string $label)
    {
    }

    /**
     * @param  array<array-key, string>  $choices  value → label
     * @return list<self>
     */
    public static function from(array $choices): array
    {
        return array_map(
            static fn (int|string $value, string $label): self => new self((string) $value, $label),
            array_keys($choices),
            array_values($choices),
        );
    }

    /**
     * @param  class-string<BackedEnum>  $enum  one whose cases say how they are called
     * @return list<self>
     */
    public static function ofEnum(string $enum): array
    {
        return array_map(
            // @phpstan-ignore method.notFound (every choice of a look has words)
            static fn (BackedEnum $case): self => new self((string) $case->value, $case->words()),
            array_values($enum::cases()),
        );
    }
}
