<?php

declare(strict_types=1);

namespace WindowStall\Support\Pictures;

/** The form in which a picture is cut out. */
enum Cut: string
{
    case Whole = 'whole';
    case Square = 'square';
    case Upright = 'upright';
    case Wide = 'wide';

    public function words(): string
    {
        return match ($this) {
            self::Whole => 'as it is',
            self::Square => 'square',
            self::Upright => 'upright, 4 to 5',
            self::Wide => 'wide, 16 to 9',
        };
    }

    /** @return array{int, int} pixels: the largest piece of this form that a picture of that size holds */
    public function largest(int $width, int $height): array
    {
        [$across, $down] = match ($this) {
            self::Whole => [$width, $height],
            self::Square => [1, 1],
            self::Upright => [4, 5],
            self::Wide => [16, 9],
        };

        return $width * $down > $height * $across
            ? [intdiv($height * $across, $down), $height]
            : [$width, intdiv($width * $down, $across)];
    }
}
