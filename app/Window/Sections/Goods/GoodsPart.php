<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections\Goods;

use WindowStall\Window\Goods\WindowGoods;
use WindowStall\Window\Plan;
use WindowStall\Window\Sections\SectionKind;

/** A part of the page of goods: drawn from the one it is of. */
abstract class GoodsPart extends SectionKind
{
    /** Why it isn't there where the goods have nothing for it. */
    abstract protected function without(): string;

    public function plan(): Plan
    {
        return Plan::Goods;
    }

    /** Whether it stands beside or among the pictures; else below, across the page. */
    public function beside(): bool
    {
        return true;
    }

    public function fields(): array
    {
        return [];
    }

    public function data(array $settings, WindowGoods $goods): array
    {
        return ['good' => $goods->inHand];
    }

    public function stays(array $settings, array $data): ?string
    {
        return $data['good']?->has($this->key()) === true ? null : $this->without();
    }
}
