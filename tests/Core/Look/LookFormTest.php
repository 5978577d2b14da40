<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Look;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Look\ColourUnreadable;
use WindowStall\Core\Look\FaceCut;
use WindowStall\Core\Look\LookForm;
use WindowStall\Core\Look\LookUnreadable;
use WindowStall\Core\Look\StarterLook;
use WindowStall\Core\Look\TypePair;
use WindowStall\Core\Look\TypeWeight;

final class LookFormTest extends TestCase
{
    public function test_what_is_written_is_read_back_for_every_starter(): void
    {
        foreach (StarterLook::cases() as $starter) {
            self::assertEquals($starter->plan(), LookForm::read(LookForm::of($starter->plan())));
        }
    }

    public function test_each_decision_that_is_missing_or_unknown_is_named(): void
    {
        $form = LookForm::of(StarterLook::SeedPacket->plan());
        foreach (array_keys(LookForm::CHOICES) as $name) {
            foreach ([null, 'nonsense', 7, ['x']] as $wrong) {
                try {
                    LookForm::read([$name => $wrong] + $form);
                    self::fail($name.' was taken');
                } catch (LookUnreadable $e) {
                    self::assertStringContainsString($name, $e->getMessage());
                }
            }
        }
    }

    /** @return iterable<string, array{mixed}> */
    public static function colours(): iterable
    {
        yield 'none' => [[]];
        yield 'four' => [['#111111', '#222222', '#333333', '#444444']];
        yield 'no list' => ['#111111'];
    }

    #[DataProvider('colours')]
    public function test_a_look_has_one_to_three_colours(mixed $colours): void
    {
        $this->expectException(LookUnreadable::class);
        LookForm::read(['colours' => $colours] + LookForm::of(StarterLook::SeedPacket->plan()));
    }

    public function test_a_colour_that_is_none_is_refused(): void
    {
        $this->expectException(ColourUnreadable::class);
        LookForm::read(['colours' => ['#123456', 'url(x)']] + LookForm::of(StarterLook::SeedPacket->plan()));
    }

    public function test_a_heading_is_never_lighter_or_heavier_than_its_typeface_ships(): void
    {
        foreach (TypePair::cases() as $pair) {
            [$least, $most] = $pair->display()->weights();
            $weights = array_map(static fn (TypeWeight $w): int => $w->of($pair), TypeWeight::cases());
            self::assertGreaterThanOrEqual($least, min($weights));
            self::assertLessThanOrEqual($most, max($weights));
            [$light, $own, $heavy] = $weights;
            self::assertTrue($light <= $own && $own <= $heavy, $pair->value);
        }
    }

    public function test_the_build_makes_every_cut_that_a_look_can_ask_for(): void
    {
        $listed = json_decode((string) file_get_contents(__DIR__.'/../../../resources/shop/faces/faces.json'), true);
        self::assertIsArray($listed);
        self::assertSame(array_keys(FaceCut::all()), array_keys($listed));
        self::assertGreaterThanOrEqual(12, count(TypePair::cases()));
        $families = array_unique(array_map(static fn (FaceCut $c): string => $c->face->words(), FaceCut::all()));
        self::assertGreaterThanOrEqual(16, count($families));
    }
}
