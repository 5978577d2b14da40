<?php

declare(strict_types=1);

namespace WindowStall\Bench\Patch;

use WindowStall\Bench\Listing;
use WindowStall\Support\Refusal;

/** The columns of the grid: what is typed into a cell, as a listing's own columns, and back. */
final class Cells
{
    /** column → letters at most */
    public const COLUMNS = ['title' => 300, 'type' => 60, 'tags' => 600, 'maker' => 80, 'notes' => 2000];

    private const MOST_TAGS = 30;

    private const MOST_TAG = 40;

    /**
     * @return array<string, mixed> an emptied title follows the supplier again
     *
     * @throws Refusal
     */
    public static function read(string $column, string $text): array
    {
        $most = self::COLUMNS[$column] ?? throw new Refusal(sprintf('There is no column “%s”.', $column));
        $text = trim($text);
        if (mb_strlen($text) > $most) {
            throw new Refusal(
                sprintf(
                    '“%s” is longer than the %d letters that fit into %s.',
                    mb_strimwidth($text, 0, 40, '…'),
                    $most,
                    $column,
                ),
            );
        }

        return match ($column) {
            'tags' => ['own_tags' => self::tags(explode(',', $text))],
            'notes' => ['own_notes' => $text === '' ? null : $text],
            default => ['own_'.$column => $text === '' ? null : preg_replace('/\s+/u', ' ', $text)],
        };
    }

    /** What stands in a cell; a title that follows its supplier as it is shown. */
    public static function of(Listing $listing, string $column): string
    {
        return match ($column) {
            'title' => $listing->own_title ?? $listing->shown_title,
            'type' => (string) $listing->own_type,
            'maker' => (string) $listing->own_maker,
            'notes' => (string) $listing->own_notes,
            default => implode(', ', $listing->own_tags),
        };
    }

    /**
     * @param  array<string>  $tags
     * @return list<string> each once, whatever its capitals
     */
    public static function tags(array $tags): array
    {
        $list = [];
        foreach ($tags as $tag) {
            $tag = mb_substr(trim($tag), 0, self::MOST_TAG);
            if ($tag !== '') {
                $list[mb_strtolower($tag)] ??= $tag;
            }
        }

        return array_slice(array_values($list), 0, self::MOST_TAGS);
    }
}
