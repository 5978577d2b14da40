<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use WindowStall\Core\Window\Measured;

/** A part of what the page weighs on a phone. */
final readonly class WeightView
{
    private const WORDS = [
        'pictures' => 'Pictures',
        'typefaces' => 'Typefaces',
        'styles' => 'Styles',
        'page' => 'The page itself',
    ];

    /** @param  int  $share  of the heaviest, in hundredths */
    public function __construct(public string $words, public string $weighs, public int $share)
    {
    }

    /** @return list<self> the heaviest first */
    public static function all(Measured $measured): array
    {
        $bytes = $measured->bytes;
        arsort($bytes);
        $most = max(1, ...array_values($bytes));

        return array_map(
            static fn (string $part, int $weight): self => new self(
                words: self::WORDS[$part],
                weighs: self::kilobytes($weight),
                share: intdiv($weight * 100, $most),
            ),
            array_keys($bytes),
            array_values($bytes),
        );
    }

    public static function kilobytes(int $bytes): string
    {
        return intdiv($bytes + 1023, 1024).' KB';
    }
}
