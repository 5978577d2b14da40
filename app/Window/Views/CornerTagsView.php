<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use WindowStall\Core\Window\TagKind;
use WindowStall\Core\Window\TagRule;
use WindowStall\Core\Words\Plural;
use WindowStall\Stall\Stall;
use WindowStall\Window\Goods\TagsOfGoods;

/** The rules of the corner tags, in the order in which they count. */
final readonly class CornerTagsView
{
    /** @param  list<TagRuleView>  $rules */
    public function __construct(public array $rules)
    {
    }

    public static function of(Stall $stall): self
    {
        $counts = TagsOfGoods::counts($stall);

        return new self(array_map(
            static fn (TagRule $rule): TagRuleView => TagRuleView::of($rule, match (true) {
                $counts === null, $rule->kind === TagKind::ByDay => '',
                default => sprintf('Now on %d of %s.', $counts[$rule->kind->value] ?? 0, Plural::of($counts['all'], 'thing')),
            }),
            TagRule::all($stall->corner_tags ?? []),
        ));
    }
}
