<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use WindowStall\Stall\Stall;
use WindowStall\Support\RichText;
use WindowStall\Support\Views\SearchCutView;
use WindowStall\Window\Written\WrittenPage;

/** A page of the shop as it is being written. */
final readonly class WrittenPageView
{
    /**
     * @param  list<AskedView>  $asked
     * @param  string  $stands  how it stands, in words
     * @param  bool  $shown  whether shoppers see it, or an earlier state of it
     * @param  bool  $same  whether they see just this
     */
    public function __construct(
        public int $id,
        public string $kind,
        public string $title,
        public string $slug,
        public string $address,
        public string $words,
        public array $asked,
        public string $searchTitle,
        public string $searchWords,
        public SearchCutView $cut,
        public bool $hidden,
        public int $version,
        public bool $blank,
        public bool $shown,
        public bool $same,
        public string $stands,
    ) {
    }

    public static function of(Stall $stall, WrittenPage $page): self
    {
        return new self(
            id: $page->id,
            kind: $page->kind->value,
            title: $page->title,
            slug: $page->slug,
            address: $stall->shopAddress($page->address()),
            words: $page->words,
            asked: array_map(static fn (array $a): AskedView => new AskedView($a['ask'], $a['answer']), $page->asked),
            searchTitle: (string) $page->search_title,
            searchWords: (string) $page->search_words,
            cut: SearchCutView::of(
                $page->search_title ?? $page->title,
                $page->search_words ?? RichText::plain($page->words),
                $stall->shopAddress($page->address()),
            ),
            hidden: $page->hidden,
            version: $page->version,
            blank: $page->blank(),
            shown: $page->shown !== null,
            same: $page->same(),
            stands: match (true) {
                $page->shown === null && $page->blank() => 'Nothing is written on it yet.',
                $page->shown === null => 'Shoppers don’t see it yet.',
                ! $page->same() => 'Shoppers see it as it was before.',
                $page->hidden => 'Seen by whoever has its address.',
                default => 'Shoppers see it.',
            },
        );
    }

    /** @return list<self> */
    public static function all(Stall $stall): array
    {
        $pages = WrittenPage::of($stall)->orderBy('id')->get();

        return array_values($pages->map(static fn (WrittenPage $p): self => self::of($stall, $p))->all());
    }
}
