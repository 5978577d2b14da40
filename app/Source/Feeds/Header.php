<?php

declare(strict_types=1);

namespace WindowStall\Source\Feeds;

/** The names of a file's columns. */
final class Header
{
    /**
     * Each name once: the second "Price" becomes "Price 2", an empty one "Column 3".
     *
     * @param  array<int, string|null>  $cells
     * @return list<string>
     *
     * @throws FeedTrouble when there are too many columns, or too few for a list of goods
     */
    public static function names(array $cells): array
    {
        if (count($cells) > Limits::COLUMNS) {
            throw FeedTrouble::because(
                sprintf('The first row has %s columns; %d is the most.', number_format(count($cells)), Limits::COLUMNS),
            );
        }
        if (count($cells) < 2) {
            throw FeedTrouble::because(
                'No columns can be told apart: neither commas, semicolons, tabs nor bars part the first row.',
            );
        }
        $names = [];
        foreach (array_values($cells) as $i => $cell) {
            $name = mb_substr(trim(preg_replace('/\s+/u', ' ', (string) $cell) ?? ''), 0, 120);
            $name = $name === '' ? 'Column '.($i + 1) : $name;
            $unique = $name;
            for ($n = 2; in_array($unique, $names, true); $n++) {
                $unique = $name.' '.$n;
            }
            $names[] = $unique;
        }

        return $names;
    }
}
