<?php

declare(strict_types=1);

namespace WindowStall\Window;

use WindowStall\Stall\Stall;
use WindowStall\Window\Written\WrittenPage;

/** Where the stall's own pictures stand: on its pages as they are being dressed, and as shoppers see them. */
final class PicturesUsed
{
    /** @return array<int, list<string>> picture → the sections, as they are called */
    public static function of(Stall $stall): array
    {
        $window = Window::query()->with('published')->findOrFail($stall->id);
        $used = self::on($window->workingContent(), '');
        foreach (self::on($window->publishedContent(), ' (as published)') as $id => $places) {
            $used[$id] ??= $places;
        }
        foreach (WrittenPage::dressed($stall)->get() as $page) {
            $where = ' on “'.$page->title.'”';
            $there = self::on($page->workingContent(), $where)
                + self::on($page->publishedContent(), $where.' (as published)');
            foreach ($there as $id => $places) {
                $used[$id] = [...$used[$id] ?? [], ...$places];
            }
        }

        return $used;
    }

    /** @return array<int, list<string>> */
    private static function on(?Content $content, string $where): array
    {
        $used = [];
        foreach ($content->sections ?? [] as $section) {
            foreach (self::pictures($section) as $id) {
                $used[$id][] = $section->kind->label().$where;
            }
        }

        return array_map(static fn (array $places): array => array_values(array_unique($places)), $used);
    }

    /** @return list<int> */
    private static function pictures(Section $section): array
    {
        $found = [];
        foreach ($section->kind->fields() as $field) {
            $value = $section->settings[$field->name] ?? null;
            $rows = $field->type === 'rows' && is_array($value) ? $value : [];
            $found[] = $field->type === 'picture' ? $value : null;
            foreach ($rows as $row) {
                foreach ($field->each as $part) {
                    $found[] = $part->type === 'picture' && is_array($row) ? $row[$part->name] ?? null : null;
                }
            }
        }

        return array_values(array_filter($found, is_int(...)));
    }
}
