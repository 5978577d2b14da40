<?php

declare(strict_types=1);

namespace WindowStall\Window;

/** Everything that a page says in words, section by section. */
final class PageWords
{
    /**
     * What one section says: the field, and for a list of rows the row and its part.
     *
     * @return list<array{field: string, row: int|null, part: string, words: string}>
     */
    public static function of(Section $section): array
    {
        $said = [];
        foreach ($section->kind->fields() as $field) {
            $value = $section->settings[$field->name] ?? null;
            if (in_array($field->type, ['line', 'text'], true) && is_string($value)) {
                $said[] = ['field' => $field->name, 'row' => null, 'part' => '', 'words' => $value];
            }
            foreach ($field->type === 'rows' && is_array($value) ? array_values($value) : [] as $n => $row) {
                foreach ($field->each as $part) {
                    $words =
                        is_array($row) && in_array($part->type, ['line', 'text'], true)
                            ? $row[$part->name] ?? null
                            : null;
                    if (is_string($words)) {
                        $said[] = ['field' => $field->name, 'row' => $n, 'part' => $part->name, 'words' => $words];
                    }
                }
            }
        }

        return $said;
    }

    /**
     * The same with what is written as HTML.
     *
     * @return list<array{field: string, row: int|null, part: string, words: string, html: bool}>
     */
    public static function whole(Section $section): array
    {
        $said = array_map(static fn (array $one): array => $one + ['html' => false], self::of($section));
        foreach ($section->kind->fields() as $field) {
            if ($field->type === 'rich') {
                $said[] = [
                    'field' => $field->name,
                    'row' => null,
                    'part' => '',
                    'words' => (string) $section->settings[$field->name],
                    'html' => true,
                ];
            }
        }

        return $said;
    }

    /** @return list<string> everything the page says, each time it says it */
    public static function all(Content $content): array
    {
        $all = [];
        foreach ($content->sections as $section) {
            foreach (self::of($section) as $said) {
                if (trim($said['words']) !== '') {
                    $all[] = $section->id.' '.$said['field'].' '.$said['part'].': '.$said['words'];
                }
            }
        }

        return $all;
    }
}
