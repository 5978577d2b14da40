<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

/** Words that shoppers read: as shown, whether they are the seller’s own, and what there is to say of them. */
final readonly class WordingView
{
    /**
     * @param  list<NoteView>  $notes
     */
    public function __construct(
        public string $shown,
        public bool $held,
        public array $notes,
    ) {
    }
}
