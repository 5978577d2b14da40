<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Shelves;

use WindowStall\Core\Shelves\Asks;
use WindowStall\Core\Shelves\Condition;
use WindowStall\Core\Shelves\ConditionGroup;
use WindowStall\Core\Shelves\Goods;
use WindowStall\Core\Shelves\Joined;
use WindowStall\Core\Shelves\Rule;
use WindowStall\Core\Shelves\ShelfField;

/** Rules and goods by chance, from few values, so that they often fit one another. */
final class RandomRules
{
    private const NAMES = [
        'tag' => ['Peas', 'beans', 'ÉTÉ'],
        'type' => ['Pots', 'tools'],
        'supplier' => ['1', '2'],
        'option' => ['Colour: Red', 'Size: L'],
        'posted' => ['GB', 'CN'],
    ];

    public static function rule(): Rule
    {
        $parts = [];
        for ($n = mt_rand(1, 4); $n > 0; $n--) {
            $parts[] = mt_rand(0, 3) > 0 ? self::clause() : new ConditionGroup(self::joined(), [self::clause(), self::clause()]);
        }

        return new Rule(self::joined(), $parts);
    }

    public static function goods(): Goods
    {
        $some = static fn (array $of): array => array_values(array_filter($of, static fn (): bool => mt_rand(0, 1) === 1));
        $maybe = static fn (int $most): ?int => mt_rand(0, 3) === 0 ? null : mt_rand(0, $most);

        return new Goods(
            tags: $some(self::NAMES['tag']),
            type: ['', 'pots', 'Tools'][mt_rand(0, 2)],
            suppliers: $some(self::NAMES['supplier']),
            price: $maybe(9),
            keep: $maybe(9),
            marginBp: $maybe(9),
            stock: mt_rand(0, 9),
            buyable: mt_rand(0, 1) === 1,
            newDays: $maybe(9),
            soldDays: $maybe(9),
            options: $some(self::NAMES['option']),
            printed: mt_rand(0, 1) === 1,
            postedFrom: $some(self::NAMES['posted']),
            days: $maybe(9),
            was: mt_rand(0, 1) === 1,
        );
    }

    private static function clause(): Condition
    {
        $field = ShelfField::cases()[mt_rand(0, count(ShelfField::cases()) - 1)];
        $not = mt_rand(0, 2) === 0;
        $from = mt_rand(0, 2) === 0 ? null : mt_rand(0, 5);

        return match ($field->asks()) {
            Asks::Names => Condition::among($field, [self::name($field)], $not),
            Asks::Span => Condition::between($field, $from, $from === null ? mt_rand(0, 9) : null, $not),
            Asks::Days => Condition::within($field, mt_rand(0, 9), $not),
            Asks::Nothing => Condition::is($field, $not),
        };
    }

    private static function name(ShelfField $field): string
    {
        $names = self::NAMES[$field->value] ?? throw new \LogicException('It asks for no names.');

        return $names[mt_rand(0, count($names) - 1)];
    }

    private static function joined(): Joined
    {
        return mt_rand(0, 1) === 0 ? Joined::All : Joined::Any;
    }
}
