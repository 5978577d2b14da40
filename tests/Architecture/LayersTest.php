<?php

declare(strict_types=1);

namespace WindowStall\Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** The direction of dependence (docs/architecture.md), held by PHPStan. */
final class LayersTest
{
    /** Each uses only those before it; what has to be told upwards goes as an event, or fills an interface. */
    public const AREAS = [
        'Support',
        'Stall',
        'Runs',
        'Hooks',
        'Source',
        'Bench',
        'Pricing',
        'Drift',
        'Print',
        'Shelves',
        'Offers',
        'Delivery',
        'Reviews',
        'Window',
        'Shop',
        'Counter',
        'Opening',
        'Frame',
    ];

    /** @return iterable<string, Rule> */
    public function test_an_area_uses_only_those_before_it(): iterable
    {
        foreach (self::AREAS as $place => $area) {
            $later = array_slice(self::AREAS, $place + 1);
            if ($later !== []) {
                yield $area => PHPat::rule()
                    ->classes(Selector::inNamespace('WindowStall\\'.$area))
                    ->shouldNotDependOn()
                    ->classes(...array_map(
                        static fn (string $other) => Selector::inNamespace('WindowStall\\'.$other),
                        $later,
                    ))
                    ->because('a room can be changed without those above it (docs/architecture.md)');
            }
        }
    }

    public function test_core_knows_nothing_but_itself_and_brick_math(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('WindowStall\Core'))
            ->canOnlyDependOn()
            ->classes(
                Selector::inNamespace('WindowStall\Core'),
                Selector::inNamespace('Brick\Math'),
                Selector::classname('Throwable'),
                Selector::classname('InvalidArgumentException'),
                Selector::classname('LogicException'),
                Selector::classname('OutOfBoundsException'),
                Selector::classname('DateTimeImmutable'),
                Selector::classname('BackedEnum'),
                Selector::classname('UnitEnum'),
                Selector::classname('Stringable'),
            )
            ->because('core takes values and gives values');
    }

    public function test_the_workshop_reaches_suppliers_over_http_only(): Rule
    {
        return PHPat::rule()
            ->classes(
                Selector::AllOf(
                    Selector::inNamespace('WindowStall'),
                    Selector::NOT(Selector::inNamespace('WindowStall\Standins')),
                    Selector::NOT(Selector::inNamespace('WindowStall\Tests')),
                ),
            )
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('WindowStall\Standins'))
            ->because('the stand-ins are the outside world');
    }

    public function test_the_stand_ins_know_nothing_of_the_workshop(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('WindowStall\Standins'))
            ->shouldNotDependOn()
            ->classes(
                Selector::AllOf(
                    Selector::inNamespace('WindowStall'),
                    Selector::NOT(Selector::inNamespace('WindowStall\Standins')),
                ),
            )
            ->because('the stand-ins are the outside world');
    }

    public function test_controllers_do_no_arithmetic_of_money(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('/^WindowStall\\\\\w+\\\\Http/', true))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('Brick\Math'))
            ->because('every figure comes from core');
    }
}
