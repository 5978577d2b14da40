<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

final readonly class ChoiceView
{
    public function __construct(public string $value, public string $label)
    {
    }
}
