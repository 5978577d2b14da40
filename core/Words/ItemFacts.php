<?php

declare(strict_types=1);

namespace WindowStall\Core\Words;

use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Source\ValueWords;

/**
 * What is known of a thing that may be said about it: only what its own data says.
 *
 * @phpstan-type SaidFacts array{
 *     name: string, own: bool, materials: list<string>, parts: list<string>, measures: list<string>,
 *     features: list<string>, options: array<string, list<string>>, posted_from: string|null, days: string|null,
 * }
 */
final readonly class ItemFacts
{
    /** A title of so many words and none to mend is a name. */
    private const NAME_WORDS = 6;

    private const MOST_OPTIONS = 6;

    /**
     * @param  string  $name  what it is called
     * @param  bool  $own  whether the seller called it so
     * @param  list<string>  $materials
     * @param  list<string>  $parts
     * @param  list<string>  $measures
     * @param  list<string>  $features
     * @param  array<string, list<string>>  $options  as shoppers read them, without codes and places
     */
    private function __construct(
        public string $name,
        public bool $own,
        public array $materials,
        public array $parts,
        public array $measures,
        public array $features,
        public array $options,
        public ?string $postedFrom,
        public ?string $days,
    ) {
    }

    /**
     * @param  string  $title  the supplier's
     * @param  string|null  $own  the seller's own title, if they wrote one
     * @param  array<string, list<string>>  $options  as shoppers read them
     * @param  string|null  $country  where it is posted from, in words
     */
    public static function of(
        string $title,
        ?string $own,
        array $options,
        ?string $country,
        ?DayRange $days,
    ): self {
        $said = TitleFacts::of($title);
        $called = $own === null ? $said : TitleFacts::of($own);

        $told = self::told($options);

        return new self(
            $own === null ? self::name($title, $said) : trim($own),
            $own !== null,
            // The seller knows better than the supplier's title.
            $called->materials === [] ? $said->materials : $called->materials,
            self::besides($own, [...$said->parts, ...array_filter($said->measures, self::counts(...))]),
            // Where sizes can be chosen, the one in the title is one of them.
            self::sized($told) ? [] : array_values(array_filter(
                $said->measures,
                static fn (string $m): bool => ! self::counts($m),
            )),
            $said->features,
            $told,
            $country,
            $days?->words(),
        );
    }

    /** @return SaidFacts */
    public function toArray(): array
    {
        return [
            'name' => $this->name,
            'own' => $this->own,
            'materials' => $this->materials,
            'parts' => $this->parts,
            'measures' => $this->measures,
            'features' => $this->features,
            'options' => $this->options,
            'posted_from' => $this->postedFrom,
            'days' => $this->days,
        ];
    }

    /**
     * Options that may be said aloud: not where it is posted from, and no codes.
     *
     * @param  array<string, list<string>>  $options
     * @return array<string, list<string>>
     */
    private static function told(array $options): array
    {
        $told = [];
        foreach ($options as $name => $values) {
            $clear = array_values(array_filter(
                $values,
                static fn (string $v): bool => trim($v) !== '' && ! OptionWords::unclearValue($v),
            ));
            $name = OptionWords::nameSaid((string) $name) ?? (string) $name;
            if ($clear !== [] && ! OptionWords::unclearName($name) && ! ValueWords::places($name, ...$values)) {
                $told[$name] = $clear;
            }
        }

        return array_slice($told, 0, self::MOST_OPTIONS);
    }

    /** Whether it says of how many parts a thing is: "12 teeth". */
    private static function counts(string $measure): bool
    {
        return preg_match('/ (teeth|cells)$/', $measure) === 1;
    }

    /** @param  array<string, list<string>>  $options */
    private static function sized(array $options): bool
    {
        return preg_match('/\d/', implode(' ', array_merge(...array_values($options)))) === 1;
    }

    /**
     * Parts that the seller's own title doesn't name already.
     *
     * @param  array<string>  $parts
     * @return list<string>
     */
    private static function besides(?string $own, array $parts): array
    {
        return array_values(array_filter(
            $parts,
            static fn (string $part): bool => $own === null
                || ! str_contains(mb_strtolower($own), rtrim(trim((string) strrchr(' '.$part, ' ')), 's')),
        ));
    }

    /** What a supplier's title calls it; the title itself where nothing is amiss with it, or nothing in it is known. */
    private static function name(string $title, TitleFacts $said): string
    {
        if (self::toMend($title) === null && count(explode(' ', trim($title))) <= self::NAME_WORDS) {
            return trim($title);
        }
        $name = $said->name === '' ? self::bare($title) : $said->name;

        return mb_strtoupper(mb_substr($name, 0, 1)).mb_substr($name, 1);
    }

    /** A title as far as it can be bettered by itself. */
    private static function bare(string $title): string
    {
        for ($n = 0; $n < 4; $n++) {
            $better = self::toMend($title)?->instead;
            if ($better === null || $better === '') {
                break;
            }
            $title = $better;
        }

        return trim($title);
    }

    /** What is amiss with a title; words that say nothing before those that are only shouted. */
    private static function toMend(string $title): ?TitleNote
    {
        $notes = TitleHelp::about($title);
        foreach (['stuffing', 'code', 'shouting'] as $kind) {
            foreach ($notes as $note) {
                if ($note->kind === $kind) {
                    return $note;
                }
            }
        }

        return null;
    }
}
