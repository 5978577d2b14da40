<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections\Goods;

use WindowStall\Core\Window\SizeTable;
use WindowStall\Window\Goods\WindowGoods;
use WindowStall\Window\Sections\SectionField;

/** What sizes measure: typed in centimetres, shown in inches as well. */
final class Sizes extends GoodsPart
{
    public function key(): string
    {
        return 'sizes';
    }

    public function label(): string
    {
        return 'Sizes';
    }

    public function rank(): int
    {
        return 95;
    }

    public function fields(): array
    {
        return [
            SectionField::line('heading', 'Heading', 60),
            SectionField::line('measures', 'What is measured, with commas', 120),
            SectionField::rows('rows', 'Sizes', 20, [
                SectionField::line('size', 'Size', 20),
                SectionField::line('cm', 'Centimetres, one figure for each measure', 80),
            ]),
            SectionField::line('how', 'How to measure', 200),
        ];
    }

    public function sentence(array $settings): string
    {
        return 'are headed {heading}. Measured is {measures}, in centimetres: {rows}. How to measure: {how}.';
    }

    public function summary(array $settings): string
    {
        return (string) $settings['measures'] ?: 'nothing measured yet';
    }

    public function data(array $settings, WindowGoods $goods): array
    {
        /** @var list<array{size: string, cm: string}> $rows */
        $rows = $settings['rows'];

        return parent::data($settings, $goods) + ['table' => SizeTable::read((string) $settings['measures'], $rows)];
    }

    public function figure(array $settings, array $data, WindowGoods $goods): string
    {
        return implode(' ', $data['table']->odd);
    }

    public function stays(array $settings, array $data): ?string
    {
        return $data['table']->rows === [] || $data['table']->measures === [] ? $this->without() : null;
    }

    protected function without(): string
    {
        return 'No size is measured yet, so shoppers don’t see it.';
    }
}
