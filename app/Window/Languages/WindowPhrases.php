<?php

declare(strict_types=1);

namespace WindowStall\Window\Languages;

use WindowStall\Stall\Stall;
use WindowStall\Stall\Words\PhraseRoom;
use WindowStall\Window\Content;
use WindowStall\Window\PageWords;
use WindowStall\Window\Policies\PolicyVersion;
use WindowStall\Window\Window;
use WindowStall\Window\Written\WrittenPage;

/** What the front page, written pages and policies say to shoppers, as they are published. */
final class WindowPhrases
{
    /** @return list<PhraseRoom> */
    public static function rooms(): array
    {
        return [
            PhraseRoom::given('front', 'Front page, menu and foot', 10, self::front(...)),
            PhraseRoom::given('pages', 'Pages', 50, self::pages(...)),
            PhraseRoom::given('policies', 'What you add to policies', 70, self::policies(...)),
        ];
    }

    /** @return list<array{phrase: string, place: string, path: string}> */
    private static function front(Stall $stall): array
    {
        $content = Window::query()->with('published')->find($stall->id)?->publishedContent();

        return $content === null ? [] : self::content($content, '', '/');
    }

    /** @return list<array{phrase: string, place: string, path: string}> */
    private static function pages(Stall $stall): array
    {
        $said = [];
        foreach (WrittenPage::dressed($stall)->whereNotNull('shown')->orderBy('id')->get() as $page) {
            $title = $page->shown['title'] ?? $page->title;
            foreach ($page->kind->lays() ? [] : [$title, $page->search_title, $page->search_words] as $phrase) {
                $said[] = ['phrase' => (string) $phrase, 'place' => $title, 'path' => $page->address()];
            }
            $content = $page->publishedContent();
            array_push($said, ...($content === null ? [] : self::content($content, $title.', ', $page->address())));
        }

        return $said;
    }

    /** @return list<array{phrase: string, place: string, path: string}> */
    private static function policies(Stall $stall): array
    {
        $said = [];
        foreach (PolicyVersion::now($stall) as $kind => $version) {
            // The rest is said in every language by itself.
            $besides = $version->words['besides'] ?? '';
            $said[] = ['phrase' => $besides, 'place' => $version->kind->heading(), 'path' => '/policies/'.$kind];
        }

        return $said;
    }

    /** @return list<array{phrase: string, place: string, path: string}> */
    private static function content(Content $content, string $before, string $path): array
    {
        $said = [];
        foreach ($content->sections as $section) {
            if ($section->showing->hidden) {
                continue;
            }
            $label = $section->kind->label();
            foreach (PageWords::whole($section) as $one) {
                $said[] = ['phrase' => $one['words'], 'place' => $before === '' ? $label : $before.lcfirst($label), 'path' => $path];
            }
        }

        return $said;
    }
}
