<?php

declare(strict_types=1);

namespace WindowStall\Bench\Writing;

/** What the writing help drafted, and out of what. */
final readonly class Draft
{
    /**
     * @param  string  $words  HTML, not yet cleaned
     * @param  list<string>  $used  facts it used
     * @param  list<string>  $missing  facts it would have liked to have
     */
    private function __construct(
        public string $title,
        public string $words,
        public string $searchTitle,
        public string $searchWords,
        public string $alt,
        public array $used,
        public array $missing,
    ) {
    }

    public static function read(mixed $said): ?self
    {
        if (! is_array($said)) {
            return null;
        }
        foreach (['title', 'words', 'search_title', 'search_words', 'alt'] as $field) {
            if (! is_string($said[$field] ?? null) || mb_strlen($said[$field]) > 20_000) {
                return null;
            }
        }
        $list = static fn (mixed $v): array => is_array($v) ? array_values(array_filter($v, is_string(...))) : [];

        return new self(
            $said['title'],
            $said['words'],
            mb_substr($said['search_title'], 0, 120),
            mb_substr($said['search_words'], 0, 320),
            mb_substr($said['alt'], 0, 200),
            $list($said['used'] ?? null),
            $list($said['missing'] ?? null),
        );
    }
}
