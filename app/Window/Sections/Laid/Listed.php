<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections\Laid;

use WindowStall\Window\Plan;
use WindowStall\Window\Sections\SectionField;

/** A list of goods with its heading, what it can be narrowed down by, and the goods. */
final class Listed extends LaidPart
{
    /** What lists can be narrowed down by → how it stands in the sentence; options are all that goods have. */
    public const WAYS = [
        'type' => 'what it is',
        'is' => 'options',
        'within' => 'days',
        'now' => 'what is in stock',
        'offers' => 'offers',
        'price' => 'price',
    ];

    public function key(): string
    {
        return 'listed';
    }

    public function label(): string
    {
        return 'List of goods';
    }

    public function plan(): Plan
    {
        return Plan::Lists;
    }

    public function fields(): array
    {
        return [
            SectionField::choice('across', 'Across on a desk', [
                '2' => 'two', '3' => 'three', '4' => 'four', '5' => 'five',
            ], '4'),
            SectionField::choice('phone', 'Across on a phone', ['1' => 'one', '2' => 'two'], '2'),
            SectionField::choice('narrowed', 'Narrowing down', [
                'yes' => 'narrowed down by',
                'no' => 'not narrowed down',
            ], 'yes'),
            SectionField::choice('first', 'First by', self::WAYS, 'type'),
            SectionField::choice('then', 'Then by', self::WAYS, 'is'),
        ];
    }

    public function sentence(array $settings): string
    {
        $narrowed = $settings['narrowed'] === 'yes' ? '{narrowed} {first} first, then by {then} and what else there is' : '{narrowed}';

        return 'stands {across} across on a desk and {phone} on a phone, and is '.$narrowed.'.';
    }

    public function summary(array $settings): string
    {
        return 'goods on a shelf, under a tag, found, or all of them';
    }

    /**
     * @param  array<string, mixed>  $settings
     * @return list<string> ways of narrowing in their order
     */
    public static function order(array $settings): array
    {
        return array_values(array_unique([
            (string) $settings['first'], (string) $settings['then'], ...array_map(strval(...), array_keys(self::WAYS)),
        ]));
    }
}
