<?php

declare(strict_types=1);

namespace WindowStall\Support\Views;

use WindowStall\Core\Words\SearchCut;

/** A page as search engines will show it. */
final readonly class SearchCutView
{
    public function __construct(
        public string $title,
        public string $words,
        public bool $titleCut,
        public bool $wordsCut,
        public string $address,
    ) {
    }

    public static function of(string $title, string $words, string $address): self
    {
        $cut = SearchCut::of($title, $words);

        return new self($cut->title, $cut->words, $cut->titleCut, $cut->wordsCut, $address);
    }
}
