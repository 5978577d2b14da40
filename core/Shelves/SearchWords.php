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

    /**
     * As PostgreSQL's to_tsquery() reads it: each word or what means the same, all of them; the last may be half typed.
     *
     * @param  array<string, list<string>>  $same  word → what means the same, in words of its own
     */
    public function query(array $same = [], bool $prefix = false): string
    {
        $parts = [];
        foreach ($this->words as $n => $word) {
            $half = $prefix && $n === count($this->words) - 1;
            $ways = [self::lexeme($word).($half ? ':*' : '')];
            foreach ($same[$word] ?? [] as $means) {
                $others = self::of($means)->words;
                $ways[] = implode(' & ', array_map(self::lexeme(...), $others));
            }
            $ways = array_filter($ways, static fn (string $way): bool => $way !== '');
            $parts[] = '('.implode(' | ', array_map(static fn (string $way): string => '('.$way.')', $ways)).')';
        }

        return implode(' & ', $parts);
    }

    /** Quoted, so that nothing in it is read as an operator; it has none of the signs that end a quotation. */
    private static function lexeme(string $word): string
    {
        return "'".$word."'";
    }
}
