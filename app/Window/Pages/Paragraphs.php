<?php

declare(strict_types=1);

namespace WindowStall\Window\Pages;

/** Plain words as HTML: an empty line begins a paragraph, a single one a line. Whatever is typed stays text. */
final class Paragraphs
{
    public static function html(string $words): string
    {
        $paragraphs = preg_split('/\R\s*\R/u', trim($words), flags: PREG_SPLIT_NO_EMPTY) ?: [];

        return implode(
            '',
            array_map(static fn (string $p): string => '<p>'.nl2br(e(trim($p)), false).'</p>', $paragraphs),
        );
    }
}
