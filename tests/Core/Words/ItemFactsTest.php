<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Words;

use PHPUnit\Framework\TestCase;
use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Words\ItemFacts;

final class ItemFactsTest extends TestCase
{
    public function test_facts_are_only_what_the_data_says(): void
    {
        $facts = ItemFacts::of(
            '2026 NEW Garden Hand Trowel Shovel Stainless Wood Handle HOT Outdoor Tool 1pc',
            false,
            'Hand tools',
            [
                'Finish' => ['Steel', 'Copper'],
                'Size' => ['18 cm', '24 cm'],
                'Ships from' => ['CN', 'DE'],
                'Code' => ['STL-01'],
            ],
            'United Kingdom',
            new DayRange(3, 6),
        )->toArray();
        self::assertSame('Garden hand trowel', $facts['name']);
        self::assertSame(
            [['stainless', 'wood'], ['18 cm', '24 cm'], ['Steel', 'Copper'], '3 to 6 days', null],
            [$facts['materials'], $facts['sizes'], $facts['colours'], $facts['days'], $facts['uses']],
        );
    }

    public function test_the_sellers_own_title_is_the_name_as_it_stands(): void
    {
        self::assertSame(
            'Ash-handled NEW trowel',
            ItemFacts::of('Ash-handled NEW trowel', true, '', [], null, null)->toArray()['name'],
        );
        self::assertSame(
            'HOT',
            ItemFacts::of('HOT', false, '', [], null, null)->toArray()['name'],
            'nothing left: the title itself',
        );
    }
}
