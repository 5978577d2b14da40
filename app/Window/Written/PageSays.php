<?php

declare(strict_types=1);

namespace WindowStall\Window\Written;

use WindowStall\Support\RichText;
use WindowStall\Window\Content;
use WindowStall\Window\PageWords;
use WindowStall\Window\Section;

/** What a written page says, whatever sections it says it in. */
final class PageSays
{
    /** Its words in one line, without the title. */
    public static function plain(Content $content): string
    {
        $said = [];
        foreach (self::seen($content) as $section) {
            if (! $section->kind->always()) {
                array_push($said, ...array_column(PageWords::whole($section), 'words'));
            }
        }

        return trim(implode(' ', array_filter(array_map(RichText::plain(...), $said))));
    }

    /** @return list<array{ask: string, answer: string}> questions that have an answer */
    public static function answered(Content $content): array
    {
        $asked = array_map(
            static fn (Section $s): mixed => $s->kind->key() === 'questions' ? $s->settings['asked'] : [],
            self::seen($content),
        );

        return array_values(array_filter(
            array_merge(...$asked),
            static fn (array $one): bool => trim($one['ask']) !== '' && trim($one['answer']) !== '',
        ));
    }

    public static function has(?Content $content, string $kind): bool
    {
        $seen = $content === null ? [] : self::seen($content);

        return in_array($kind, array_map(static fn (Section $s): string => $s->kind->key(), $seen), true);
    }

    /** @return list<Section> */
    private static function seen(Content $content): array
    {
        return array_values(array_filter($content->sections, static fn (Section $s): bool => $s->showing->now()));
    }
}
