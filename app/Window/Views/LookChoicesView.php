<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use WindowStall\Core\Look\LookForm;
use WindowStall\Support\Views\ChoiceView;

/** Everything that can be decided in a look by choosing. */
final readonly class LookChoicesView
{
    /** @param  array<string, list<ChoiceView>>  $choices  decision → what there is */
    public function __construct(public array $choices)
    {
    }

    public static function all(): self
    {
        return new self(array_map(ChoiceView::ofEnum(...), LookForm::CHOICES));
    }
}
