<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Drift;

use PHPUnit\Framework\TestCase;
use WindowStall\Core\Drift\Change;
use WindowStall\Core\Drift\ChangeKind;
use WindowStall\Core\Drift\Drift;
use WindowStall\Core\Source\Item;
use WindowStall\Tests\Core\Source\Items;

final class DriftTest extends TestCase
{
    public function test_an_unchanged_item_has_not_drifted(): void
    {
        $item = Items::item([Items::variant('a')]);
        self::assertSame([], Drift::between($item, $item)->changes);
    }

    public function test_a_raised_cost_shows_before_and_after(): void
    {
        $change = $this->only(Items::item([Items::variant('a', 540)]), Items::item([Items::variant('a', 864)]));
        self::assertSame(
            [ChangeKind::Cost, 'a', '5.40 USD', '8.64 USD'],
            [$change->kind, $change->variantId, $change->before, $change->after],
        );
    }

    public function test_stock_counts_only_when_it_crosses_nought(): void
    {
        self::assertSame(
            [],
            Drift::between(Items::item([Items::variant('a', 540, 12)]), Items::item([Items::variant('a', 540, 3)]))
                ->changes,
        );
        self::assertSame(
            ChangeKind::SoldOut,
            $this->only(Items::item([Items::variant('a', 540, 12)]), Items::item([Items::variant('a', 540, 0)]))->kind,
        );
        self::assertSame(
            ChangeKind::BackInStock,
            $this->only(Items::item([Items::variant('a', 540, 0)]), Items::item([Items::variant('a', 540, 2)]))->kind,
        );
    }

    public function test_variants_that_come_and_go_are_told(): void
    {
        $changes = Drift::between(
            Items::item([Items::variant('a'), Items::variant('b')]),
            Items::item([Items::variant('b'), Items::variant('c')]),
        )->changes;
        self::assertSame(
            [[ChangeKind::VariantGone, 'a'], [ChangeKind::VariantNew, 'c']],
            array_map(static fn (Change $c): array => [$c->kind, $c->variantId], $changes),
        );
    }

    public function test_options_that_are_called_otherwise_are_told(): void
    {
        $change = $this->only(
            Items::item([Items::variant('a', colour: 'STL-01')]),
            Items::item([Items::variant('a', colour: 'Steel')]),
        );
        self::assertSame([ChangeKind::Options, 'STL-01', 'Steel'], [$change->kind, $change->before, $change->after]);
    }

    public function test_rewritten_words_are_told_without_their_markup(): void
    {
        $change = $this->only(
            Items::item([], description: '<p>Old</p>'),
            Items::item([], description: '<p>New &amp; <b>bold</b></p>'),
        );
        self::assertSame([ChangeKind::Words, 'Old', 'New & bold'], [$change->kind, $change->before, $change->after]);
    }

    private function only(Item $agreed, Item $now): Change
    {
        $changes = Drift::between($agreed, $now)->changes;
        self::assertCount(1, $changes);

        return $changes[0];
    }

    public function test_of_several_items_all_changes_stand_together_item_by_item(): void
    {
        $one = [Items::item([Items::variant('a', 540)]), Items::item([Items::variant('a', 600)])];
        $two = [Items::item([Items::variant('b', 700)], id: 'T-2'), Items::item([Items::variant('b', 700)], id: 'T-2')];
        $three = [Items::item([Items::variant('c', 100)], id: 'T-3'), Items::item([Items::variant('c', 90)], id: 'T-3')];
        $together = Drift::of([1 => $one, 2 => $two, 3 => $three])->changes;
        self::assertSame(['a', 'c'], array_map(static fn (Change $c): ?string => $c->variantId, $together));
        self::assertSame([], Drift::of([])->changes);
    }

    public function test_words_pictures_and_days_to_post_are_said_before_any_variant(): void
    {
        $before = Items::item([Items::variant('a', 540)], 'Trowel', description: '<p>Ash &amp; steel.</p>');
        $after = Items::item([Items::variant('a', 600)], 'Trowel NEW', description: '<p>Oak.</p>');
        $changes = Drift::between($before, $after)->changes;
        self::assertSame(
            [ChangeKind::Title, ChangeKind::Words, ChangeKind::Cost],
            array_map(static fn (Change $c): ChangeKind => $c->kind, $changes),
        );
        self::assertSame(['Ash & steel.', 'Oak.'], [$changes[1]->before, $changes[1]->after], 'as one reads it');
        self::assertSame('<p>Ash &amp; steel.</p>', $changes[1]->said, 'as it was said, to be put back');
    }
}
