<?php

declare(strict_types=1);

namespace WindowStall\Core\Words;

/**
 * A page's title and description as search engines will show them: cut at a word where they are longer than there is
 * room for. The widths are what fits on a desk; on a phone a little less does.
 */
final readonly class SearchCut
{
    public const TITLE = 60;

    public const WORDS = 155;

    private function __construct(
        public string $title,
        public string $words,
        public bool $titleCut,
        public bool $wordsCut,
    ) {
    }

    public static function of(string $title, string $words): self
    {
        $shownTitle = self::cut($title, self::TITLE);
        $shownWords = self::cut($words, self::WORDS);

        return new self($shownTitle, $shownWords, $shownTitle !== trim($title), $shownWords !== trim($words));
    }

    /** A description as there is room for it. */
    public static function words(string $words): string
    {
        return self::cut($words, self::WORDS);
    }

    private static function cut(string $text, int $most): string
    {
        $text = trim((string) preg_replace('/\s+/u', ' ', $text));
        if (mb_strwidth($text) <= $most) {
            return $text;
        }
        $cut = mb_strimwidth($text, 0, $most - 1);

        return rtrim((string) preg_replace('/\s\S*$/u', '', $cut), ' ,;:.').'…';
    }
}
