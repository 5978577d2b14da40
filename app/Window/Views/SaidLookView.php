<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use WindowStall\Core\Look\LookForm;
use WindowStall\Core\Look\SaidLook;
use WindowStall\Stall\Stall;
use WindowStall\Support\Views\ChoiceView;

/** What was understood of a sentence, and the looks that come of it. */
final readonly class SaidLookView
{
    /**
     * @param  list<ChoiceView>  $understood  value: what was said, label: what it was taken for
     * @param  list<string>  $missed
     * @param  list<OfferedLookView>  $looks
     */
    public function __construct(public array $understood, public array $missed, public array $looks)
    {
    }

    public static function of(Stall $stall, SaidLook $said): self
    {
        return new self(
            understood: ChoiceView::from($said->understood),
            missed: $said->missed,
            looks: array_map(static fn (array $look): OfferedLookView => OfferedLookView::of(
                $stall,
                $look['starter']->words().', as you said',
                $look['starter']->about(),
                LookForm::of($look['plan']),
            ), $said->looks),
        );
    }
}
