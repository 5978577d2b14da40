<?php

declare(strict_types=1);

namespace WindowStall\Support;

use League\CommonMark\CommonMarkConverter;

/** Markdown (CommonMark) as a description takes it: HTML within it is left out, and the rest cleaned like any other. */
final class Markdown
{
    public static function html(string $text): string
    {
        $html = (string) (new CommonMarkConverter([
            'html_input' => 'strip',
            'allow_unsafe_links' => false,
            'max_nesting_level' => 20,
        ]))->convert($text);

        return (new RichText())->clean(
            (string) preg_replace(
                ['#<h1>#', '#</h1>#', '#<h[4-6]>#', '#</h[4-6]>#'],
                ['<h2>', '</h2>', '<h3>', '</h3>'],
                $html,
            ),
        );
    }
}
