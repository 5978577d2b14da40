<?php

declare(strict_types=1);

namespace WindowStall\Core\Shelves;

/** What a shopper typed, as words to look for: letters, figures and hyphens, so many of so many letters at the most. */
final readonly class SearchWords
{
    /** Words that are looked for; more is no search. */
    public const MOST = 8;

    private const MOST_LETTERS = 40;

    /** @param  list<string>  $words  in small letters */
    private function __construct(public array $words)
    {
    }

    public static function of(string $typed): self
    {
        preg_match_all('/[\p{L}\p{N}]+(?:-[\p{L}\p{N}]+)*/u', mb_strtolower(mb_substr($typed, 0, 400)), $found);
        $words = array_filter($found[0], static fn (string $word): bool => mb_strlen($word) <= self::MOST_LETTERS);

        return new self(array_slice(array_values(array_unique($words)), 0, self::MOST));
    }

    public function text(): string
    {
        return implode(' ', $this->words);
    }

    /** @return list<string> every run of words, one and more: what could have a word that means the same */
    public function runs(): array
    {
        $runs = [];
        foreach (array_keys($this->words) as $from) {
            for ($length = 1; $from + $length <= count($this->words); $length++) {
                $runs[] = implode(' ', array_slice($this->words, $from, $length));
            }
        }

        return array_values(array_unique($runs));
    }

    /**
     * As PostgreSQL's to_tsquery() reads it: each word or what means the same, all of them; the last may be half typed.
     * Where several words together mean something, that stands in the place of all of them.
     *
     * @param  array<string, list<string>>  $same  a run of words → what means the same, in words of its own
     */
    public function query(array $same = [], bool $prefix = false): string
    {
        $count = count($this->words);
        $ways = [];
        foreach ($this->words as $n => $word) {
            $half = $prefix && $n === $count - 1;
            $ways[] = '('.self::either([self::lexeme($word).($half ? ':*' : ''), ...self::meant($same[$word] ?? [])]).')';
        }
        $whole = [implode(' & ', $ways)];
        foreach ($same as $run => $means) {
            $words = explode(' ', (string) $run);
            $at = count($words) > 1 ? $this->begins($words) : null;
            $meant = self::meant($means);
            if ($at !== null && $meant !== []) {
                $others = $ways;
                array_splice($others, $at, count($words), ['('.self::either($meant).')']);
                $whole[] = implode(' & ', $others);
            }
        }

        return self::either(array_values(array_filter($whole, static fn (string $way): bool => $way !== '')));
    }

    /**
     * Where a run of words begins; null where it isn't among them.
     *
     * @param  list<string>  $run
     */
    private function begins(array $run): ?int
    {
        foreach (array_keys($this->words) as $at) {
            if (array_slice($this->words, $at, count($run)) === $run) {
                return $at;
            }
        }

        return null;
    }

    /**
     * @param  list<string>  $means
     * @return list<string>
     */
    private static function meant(array $means): array
    {
        $meant = array_map(
            static fn (string $other): string => implode(' & ', array_map(self::lexeme(...), self::of($other)->words)),
            $means,
        );

        return array_values(array_filter($meant, static fn (string $way): bool => $way !== ''));
    }

    /** @param  list<string>  $ways */
    private static function either(array $ways): string
    {
        return implode(' | ', array_map(static fn (string $way): string => '('.$way.')', $ways));
    }

    /** Quoted, so that nothing in it is read as an operator; it has none of the signs that end a quotation. */
    private static function lexeme(string $word): string
    {
        return "'".$word."'";
    }
}
