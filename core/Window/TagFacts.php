<?php

declare(strict_types=1);

namespace WindowStall\Core\Window;

use DateTimeImmutable;

/** What corner tags look at in one of the goods. */
final readonly class TagFacts
{
    /**
     * @param  int  $pieces  of all its variants together
     * @param  DateTimeImmutable|null  $shownSince  since when it is in the window
     * @param  DateTimeImmutable|null  $backSince  since when it can be bought again; null where it never sold out
     */
    public function __construct(
        public bool $buyable,
        public int $pieces,
        public ?DateTimeImmutable $shownSince,
        public ?DateTimeImmutable $backSince,
        public bool $printed,
    ) {
    }
}
