<?php

declare(strict_types=1);

namespace WindowStall\Core\Reviews;

/** What a question about goods is about, where a fact of theirs may answer it. */
enum AskedAbout: string
{
    case Size = 'size';
    case Weight = 'weight';
    case Arrival = 'arrival';
    case Origin = 'origin';
    case Returns = 'returns';
    case Choice = 'choice';

    /**
     * In any of the languages a shop speaks.
     *
     * @return list<self> each once, in the order of the cases
     */
    public static function in(string $question): array
    {
        /** @var array<string, list<string>> $words */
        $words = require __DIR__.'/asked-about.php';
        $said = mb_strtolower($question);

        return array_values(array_filter(self::cases(), static fn (self $about): bool => preg_match(
            '/(?<!\p{L})(?:'.implode('|', $words[$about->value]).')(?!\p{L})/u',
            $said,
        ) === 1));
    }
}
