<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core;

use BackedEnum;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use ReflectionEnum;
use ReflectionMethod;
use ReflectionNamedType;
use Symfony\Component\Finder\Finder;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Core\Dispatch\SupplierOrderState;
use WindowStall\Core\Look\Face;
use WindowStall\Core\Look\StarterLook;
use WindowStall\Core\Look\TypePair;

/** Every choice that core gives: each has words of its own that a person can tell from the others. */
final class ChoicesTest extends TestCase
{
    /** @return iterable<string, array{class-string<BackedEnum>}> */
    public static function choices(): iterable
    {
        $root = dirname(__DIR__, 2).'/core';
        foreach ((new Finder())->in($root)->files()->name('*.php')->contains('/^enum /m')->sortByName() as $file) {
            $class = 'WindowStall\\Core\\'.str_replace(['/', '.php'], ['\\', ''], $file->getRelativePathname());
            if (is_subclass_of($class, BackedEnum::class)) {
                yield $class => [$class];
            }
        }
    }

    /** @param  class-string<BackedEnum>  $enum */
    #[DataProvider('choices')]
    public function test_no_two_choices_are_called_the_same(string $enum): void
    {
        foreach (self::methods($enum, 'string') as $method) {
            $said = array_map(static fn (BackedEnum $case): string => $method->invoke($case), $enum::cases());
            foreach ($said as $words) {
                self::assertNotSame('', trim($words), $enum.'::'.$method->getName());
            }
            if ($method->getName() === 'words') {
                self::assertSame($said, array_values(array_unique($said)), $enum);
            }
        }
        $this->addToAssertionCount(1);
    }

    /** @param  class-string<BackedEnum>  $enum */
    #[DataProvider('choices')]
    public function test_words_fit_into_a_sentence_and_figures_are_sane(string $enum): void
    {
        foreach (self::methods($enum, 'string') as $method) {
            foreach ($enum::cases() as $case) {
                self::assertDoesNotMatchRegularExpression('/^\s|\s$|\s\s|_/u', $method->invoke($case), $enum);
            }
        }
        foreach (self::methods($enum, 'int') as $method) {
            foreach ($enum::cases() as $case) {
                self::assertLessThan(10_000, abs($method->invoke($case)), $enum.'::'.$method->getName());
            }
        }
        $this->addToAssertionCount(1);
    }

    /** @param  class-string<BackedEnum>  $enum */
    #[DataProvider('choices')]
    public function test_what_is_stored_of_a_choice_is_short_and_plain(string $enum): void
    {
        $type = (string) (new ReflectionEnum($enum))->getBackingType();
        foreach ($enum::cases() as $case) {
            self::assertSame($case, $enum::from($case->value));
            $type === 'int' || self::assertMatchesRegularExpression('/^(?:[a-z0-9_.-]{1,24}|,)$/i', (string) $case->value, $enum);
        }
        self::assertNull($enum::tryFrom($type === 'int' ? -7 : 'no such choice'));
    }

    public function test_an_order_and_its_suppliers_orders_say_where_they_stand(): void
    {
        self::assertSame('money on its way back', OrderState::Refunding->words());
        foreach (SupplierOrderState::cases() as $state) {
            self::assertNotSame('', $state->words());
        }
    }

    public function test_a_pair_of_types_has_a_face_for_each_of_its_parts_and_a_weight_that_the_face_has(): void
    {
        foreach (TypePair::cases() as $pair) {
            foreach ([$pair->display(), $pair->text()] as $face) {
                self::assertInstanceOf(Face::class, $face);
                self::assertMatchesRegularExpression('/serif|sans-serif|monospace/', $face->fallback());
            }
            [$least, $most] = $pair->display()->weights();
            self::assertGreaterThanOrEqual($least, $pair->weight(), $pair->value);
            self::assertLessThanOrEqual($most, $pair->weight(), $pair->value);
            self::assertGreaterThanOrEqual(80, $pair->size());
            self::assertLessThanOrEqual(160, $pair->size());
            self::assertLessThanOrEqual(5, abs($pair->tracking()));
        }
    }

    public function test_a_starter_look_can_be_decided_otherwise_bit_by_bit(): void
    {
        foreach (StarterLook::cases() as $look) {
            $plan = $look->plan();
            self::assertEquals($plan, $plan->with(), $look->value);
            self::assertEquals($plan->size, $plan->with(build: $plan->build)->size);
            self::assertGreaterThanOrEqual(3.0, $plan->tones()->least(), $look->value.' can be read');
        }
    }

    /**
     * @param  class-string<BackedEnum>  $enum
     * @return list<ReflectionMethod> those that need nothing and give a value of this type
     */
    private static function methods(string $enum, string $type): array
    {
        return array_values(array_filter(
            (new ReflectionEnum($enum))->getMethods(ReflectionMethod::IS_PUBLIC),
            static fn (ReflectionMethod $m): bool => ! $m->isStatic()
                && $m->getNumberOfRequiredParameters() === 0
                && $m->getReturnType() instanceof ReflectionNamedType
                && $m->getReturnType()->getName() === $type,
        ));
    }
}
