<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections\Goods;

/** What delivery costs, and how it can be sent back. */
final class Terms extends GoodsPart
{
    public function key(): string
    {
        return 'terms';
    }

    public function label(): string
    {
        return 'Delivery and returns';
    }

    public function rank(): int
    {
        return 80;
    }

    public function sentence(array $settings): string
    {
        return 'are said as the stall’s terms say them.';
    }

    public function summary(array $settings): string
    {
        return 'what delivery costs, and how to send it back';
    }

    protected function without(): string
    {
        return 'Nothing is said of delivery.';
    }
}
