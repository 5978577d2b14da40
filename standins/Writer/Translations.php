<?php

declare(strict_types=1);

namespace WindowStall\Standins\Writer;

/**
 * Phrases in another language, word by word from a small list. It is no more than that: a phrase of which it doesn't know
 * every word is answered with nothing.
 */
final class Translations
{
    private const LANGUAGES = ['de', 'fr', 'nl', 'es'];

    /** @var array<string, string> */
    private readonly array $words;

    public function __construct(string $to)
    {
        /** @var array<string, array{string, string, string, string}> $list */
        $list = require __DIR__.'/words.php';
        $at = array_search($to, self::LANGUAGES, true);
        // The longest first: "hand trowel" before "hand".
        uksort($list, static fn (string $a, string $b): int => strlen($b) <=> strlen($a));
        $this->words = $at === false ? [] : array_map(static fn (array $said): string => $said[$at], $list);
    }

    public function of(string $phrase): string
    {
        if ($this->words === []) {
            return '';
        }
        $pattern = '~(?<![\p{L}-])(?:'.implode('|', array_map(static fn (string $w): string => preg_quote($w, '~'), array_keys($this->words))).
            ')(?![\p{L}-])~iu';
        $rest = (string) preg_replace([$pattern, '~<[^>]*>~'], ' ', $phrase);
        if (preg_match('/\p{L}{3}/u', $rest) === 1) {
            return '';
        }
        $said = (string) preg_replace_callback($pattern, fn (array $m): string => $this->words[mb_strtolower($m[0])], $phrase);

        return preg_match('/^\p{Lu}/u', $phrase) === 1 ? mb_strtoupper(mb_substr($said, 0, 1)).mb_substr($said, 1) : $said;
    }
}
