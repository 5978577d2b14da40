<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use WindowStall\Core\Window\TagRule;
use WindowStall\Stall\Stall;

/** The rules of the corner tags, in the order in which they count. */
final readonly class CornerTagsView
{
    /** @param  list<TagRuleView>  $rules */
    public function __construct(public array $rules)
    {
    }

    public static function of(Stall $stall): self
    {
        return new self(array_map(TagRuleView::of(...), TagRule::all($stall->corner_tags ?? [])));
    }
}
