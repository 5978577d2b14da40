<?php

declare(strict_types=1);

namespace WindowStall\Core\Window;

/** What the audit has to know of a section besides what was measured. */
final readonly class SectionFacts
{
    /**
     * @param  bool  $sells  whether it shows goods or leads to them
     * @param  list<array{field: string, row: int|null, words: string}>  $nowhere  what leads nowhere; the row of a
     *     list, or null
     * @param  list<int>  $soldOut  goods shown that can't be bought
     * @param  int  $shown  how many goods it shows
     * @param  AuditMend|null  $clears  what brings its words clear of a picture
     * @param  AuditMend|null  $lightens  what makes it weigh less
     * @param  string  $pictureField  where its own pictures are chosen
     * @param  list<array{field: string, row: int|null, part: string, words: string}>  $said  what it says to shoppers,
     *     for promises in it
     */
    public function __construct(
        public string $id,
        public bool $sells,
        public array $nowhere = [],
        public array $soldOut = [],
        public int $shown = 0,
        public array $said = [],
        public ?AuditMend $clears = null,
        public ?AuditMend $lightens = null,
        public string $pictureField = '',
    ) {
    }
}
