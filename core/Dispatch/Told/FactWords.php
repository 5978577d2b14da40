<?php

declare(strict_types=1);

namespace WindowStall\Core\Dispatch\Told;

/**
 * A seller's words with facts in braces: "It goes by {carrier}, number {tracking}." Facts are never left blank: a sentence that
 * names one which isn't known is left out, and a line of nothing but such sentences with it.
 */
final class FactWords
{
    private const NAME = '/\{([a-z_]+)\}/';

    /** Where a sentence ends: behind its mark, before what begins the next. */
    private const SENTENCE = '/(?<=[.!?…])(\s+)/u';

    /** @return list<string> the facts it names, each once */
    public static function names(string $words): array
    {
        preg_match_all(self::NAME, $words, $found);

        return array_values(array_unique($found[1]));
    }

    /**
     * @param  list<string>  $known
     * @return list<string> what stands in braces and is no fact, as written
     */
    public static function strange(string $words, array $known): array
    {
        preg_match_all('/\{[^{}\n]*\}?|\}/u', $words, $found);
        $facts = array_map(static fn (string $name): string => '{'.$name.'}', $known);

        return array_values(array_unique(array_diff($found[0], $facts)));
    }

    /** @param  array<string, string>  $facts  by name; what isn't known is missing or "" */
    public static function fill(string $words, array $facts): string
    {
        $facts = array_filter($facts, static fn (string $fact): bool => trim($fact) !== '');
        $lines = [];
        foreach (explode("\n", str_replace(["\r\n", "\r"], "\n", $words)) as $line) {
            $filled = self::line($line, $facts);
            if ($filled !== '' || trim($line) === '') {
                $lines[] = $filled;
            }
        }

        return trim(preg_replace('/\n{3,}/', "\n\n", implode("\n", $lines)) ?? '');
    }

    /** @param  array<string, string>  $facts */
    private static function line(string $line, array $facts): string
    {
        // Sentences and what stands between them, by turns.
        $parts = preg_split(self::SENTENCE, $line, flags: PREG_SPLIT_DELIM_CAPTURE) ?: [];
        $said = '';
        foreach (array_chunk($parts, 2) as $part) {
            if (array_diff(self::names($part[0]), array_keys($facts)) === []) {
                $said .= self::facts($part[0], $facts).($part[1] ?? '');
            }
        }

        return rtrim($said);
    }

    /** @param  array<string, string>  $facts */
    private static function facts(string $sentence, array $facts): string
    {
        return (string) preg_replace_callback(self::NAME, static fn (array $m): string => $facts[$m[1]], $sentence);
    }
}
