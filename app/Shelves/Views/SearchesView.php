<?php

declare(strict_types=1);

namespace WindowStall\Shelves\Views;

use WindowStall\Shelves\NotFound;
use WindowStall\Shelves\Synonym;
use WindowStall\Stall\Stall;

/** What shoppers looked for in vain, and the words that are said to mean the same. */
final readonly class SearchesView
{
    /**
     * @param  list<SearchedView>  $searches
     * @param  list<SynonymView>  $synonyms
     */
    public function __construct(public array $searches, public array $synonyms)
    {
    }

    public static function of(Stall $stall): self
    {
        return new self(
            searches: (new NotFound($stall))->all(),
            synonyms: array_values(Synonym::of($stall)->orderBy('word')->orderBy('id')->get()
                ->map(static fn (Synonym $s): SynonymView => new SynonymView($s->id, $s->word, $s->means))->all()),
        );
    }
}
