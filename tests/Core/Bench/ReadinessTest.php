<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Bench;

use PHPUnit\Framework\TestCase;
use WindowStall\Core\Bench\Lack;
use WindowStall\Core\Bench\ListingPart;
use WindowStall\Core\Bench\Readiness;
use WindowStall\Core\Bench\VariantState;
use WindowStall\Core\Money\Money;

final class ReadinessTest extends TestCase
{
    public function test_a_named_pictured_priced_listing_is_ready(): void
    {
        self::assertTrue($this->of()->ready());
    }

    public function test_each_lack_names_the_place_where_it_is_mended(): void
    {
        self::assertSame([ListingPart::Title], $this->places($this->of(title: '  ')));
        self::assertSame([ListingPart::Title], $this->places($this->of(title: str_repeat('trowel ', 30))));
        self::assertSame([ListingPart::Pictures], $this->places($this->of(pictures: 0, ready: 0)));
        self::assertSame([ListingPart::Pictures], $this->places($this->of(pictures: 3, ready: 0)));
        self::assertSame([ListingPart::Variants], $this->places($this->of(variants: [$this->variant(on: false)])));
        self::assertSame([ListingPart::Variants], $this->places($this->of(variants: [$this->variant(stock: 0)])));
        self::assertSame(
            [ListingPart::Variants],
            $this->places($this->of(variants: [new VariantState('Steel', true, 4, null, null)])),
        );
        self::assertSame([ListingPart::Price], $this->places($this->of(variants: [$this->variant(price: 0)])));
    }

    public function test_a_sale_at_a_loss_is_refused_with_the_figure(): void
    {
        $lacks = $this->of(variants: [$this->variant(), $this->variant(keep: -120)])->lacks;
        self::assertSame('Steel loses £1.20 on every sale at £18.95.', $lacks[0]->words);
        self::assertSame(ListingPart::Price, $lacks[0]->place);
    }

    public function test_a_draft_keeps_it_on_the_bench_until_somebody_has_read_it(): void
    {
        $lacks = Readiness::of('Hand trowel', 1, 1, [$this->variant()], 'United Kingdom', ['title', 'words', 'alt'])->lacks;
        self::assertSame([ListingPart::Title, ListingPart::Words], array_map(static fn (Lack $l): ListingPart => $l->place, $lacks));
        self::assertSame('The description is still a draft. Read it, and change or accept it.', $lacks[1]->words);
    }

    public function test_what_its_supplier_takes_no_order_for_isnt_ready_and_says_why(): void
    {
        $plain = static fn (string $label): VariantState => new VariantState(
            $label,
            true,
            0,
            Money::gbp(1895),
            Money::gbp(500),
            toOrder: false,
        );
        $lacks = $this->of(variants: [$plain('White · M'), $plain('White · L')])->lacks;
        self::assertSame([ListingPart::Variants], array_map(static fn (Lack $l): ListingPart => $l->place, $lacks));
        self::assertSame(
            'It is a blank, and its print house takes no order for a blank without artwork.',
            $lacks[0]->words,
        );
        $some = $this->of(variants: [$this->variant(), $plain('White · L')])->lacks;
        self::assertStringStartsWith('White · L is a blank, ', $some[0]->words);
        self::assertCount(1, $some);
    }

    public function test_under_the_floor_is_said_with_what_it_keeps_and_may_be_meant(): void
    {
        $at = static fn (bool $knowingly, int $keep = 150): VariantState => new VariantState(
            'Steel',
            true,
            4,
            Money::gbp(1895),
            Money::gbp($keep),
            underFloor: true,
            knowingly: $knowingly,
        );
        self::assertSame(
            'Steel keeps £1.50 at £18.95, less than the floor asks.',
            $this->of(variants: [$at(false)])->lacks[0]->words,
        );
        self::assertTrue($this->of(variants: [$at(true)])->ready());
        self::assertTrue($this->of(variants: [$at(true, -50)])->ready(), 'whoever knows may even lose');
    }

    public function test_a_variant_that_is_off_stands_in_nobodys_way(): void
    {
        self::assertTrue($this->of(variants: [$this->variant(), $this->variant(on: false, keep: -500)])->ready());
    }

    /** @param  list<VariantState>|null  $variants */
    private function of(
        string $title = 'Hand trowel',
        int $pictures = 2,
        int $ready = 2,
        ?array $variants = null,
    ): Readiness {
        return Readiness::of($title, $pictures, $ready, $variants ?? [$this->variant()], 'the United Kingdom');
    }

    private function variant(bool $on = true, int $stock = 4, int $price = 1895, int $keep = 600): VariantState
    {
        return new VariantState('Steel', $on, $stock, Money::gbp($price), Money::gbp($keep));
    }

    /** @return list<ListingPart> */
    private function places(Readiness $readiness): array
    {
        return array_map(static fn (Lack $l): ListingPart => $l->place, $readiness->lacks);
    }
}
