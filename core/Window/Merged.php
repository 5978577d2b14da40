<?php

declare(strict_types=1);

namespace WindowStall\Core\Window;

/** What two people's changes come to. */
final readonly class Merged
{
    /**
     * @param  array{look: array<string, mixed>, sections: list<array<string, mixed>>}  $content
     * @param  list<string>  $came  "look", "order" or ids of sections in which the other's changes were taken up
     * @param  list<string>  $given  the same of what both changed: mine stands, theirs doesn't
     */
    public function __construct(public array $content, public array $came, public array $given)
    {
    }
}
