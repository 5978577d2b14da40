<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Opening;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Opening\FirstGoods;
use WindowStall\Core\Opening\FirstShelves;
use WindowStall\Core\Opening\NicheWords;
use WindowStall\Core\Opening\Proposable;

/** What a shop could begin with, from one sentence and what suppliers have. */
final class FirstGoodsTest extends TestCase
{
    public function test_a_sentence_is_searched_by_the_words_that_say_something(): void
    {
        self::assertSame(
            ['hand-forged', 'tools', 'twine', 'allotments', 'été'],
            NicheWords::of('Hand-forged tools and twine, for all the best allotments; tools of the été!'),
        );
        self::assertSame([], NicheWords::of('The best things for you'));
        self::assertCount(NicheWords::MOST, NicheWords::of(implode(' ', array_map(static fn (int $n): string => 'word'.$n, range(1, 40)))));
    }

    #[TestWith([1, 1000, 6908], 'ln 1000')]
    #[TestWith([500, 1000, 693], 'ln 2')]
    #[TestWith([1000, 1000, 1], 'a word that finds all still finds')]
    #[TestWith([0, 1000, 0], 'a word that finds nothing')]
    public function test_a_rare_word_says_more(int $found, int $of, int $weight): void
    {
        self::assertSame($weight, NicheWords::weight($found, $of));
    }

    public function test_nothing_with_a_caution_or_under_the_floor_is_proposed(): void
    {
        $items = [
            self::item(1, cautions: 1),
            self::item(2, keep: null),
            self::item(3, keep: 0),
            self::item(4, keep: 299, least: 300),
            self::item(5, keep: 300, least: 300),
        ];
        self::assertSame([5], self::ids(FirstGoods::of($items)));
    }

    public function test_what_hardly_answers_to_the_sentence_is_left_away_however_much_it_keeps(): void
    {
        self::assertSame([1], self::ids(FirstGoods::of([self::item(1, fit: 800), self::item(2, fit: 199, keep: 9000)])));
        self::assertSame([2, 1], self::ids(FirstGoods::of([self::item(1, fit: 800), self::item(2, fit: 800, keep: 9000)])));
    }

    public function test_of_two_that_fit_alike_the_better_kept_sooner_and_better_rated_comes_first(): void
    {
        self::assertSame([2, 1], self::ids(FirstGoods::of([self::item(1, days: 9), self::item(2, days: 3)])));
        self::assertSame([2, 1], self::ids(FirstGoods::of([self::item(1, rating: 38), self::item(2, rating: 47)])));
        $unrated = [self::item(1, rating: 30), self::item(2, rating: null), self::item(3, rating: 45), self::item(4, rating: 48)];
        self::assertSame([4, 2, 3, 1], self::ids(FirstGoods::of($unrated)), 'who was never rated stands in the middle');
    }

    public function test_the_same_at_two_suppliers_is_proposed_once(): void
    {
        $items = [self::item(1, keep: 400, barcodes: ['50', '51']), self::item(2, keep: 900, barcodes: ['51'])];
        self::assertSame([2], self::ids(FirstGoods::of($items)));
    }

    public function test_no_kind_takes_more_than_half_while_there_are_others(): void
    {
        $items = [];
        foreach (range(1, 8) as $n) {
            $items[] = self::item($n, keep: 1000 - $n, category: 'Twine');
        }
        $items[] = self::item(20, keep: 100, category: 'Pots');
        self::assertSame([1, 2, 20, 3], self::ids(FirstGoods::of($items, 4)));
    }

    public function test_goods_filed_alike_share_a_shelf_and_one_alone_has_none(): void
    {
        self::assertSame(
            ['Hand tools' => [1, 3, 4], 'Twine' => [2, 6]],
            FirstShelves::of([
                1 => 'Garden > Hand tools',
                2 => 'twine',
                3 => 'hand tools',
                4 => 'Home/Garden/Hand Tools',
                5 => 'Pots',
                6 => 'Garden | Twine',
                7 => '',
            ]),
        );
    }

    /** @param  list<string>  $barcodes */
    private static function item(
        int $id,
        int $fit = 1000,
        ?int $keep = 500,
        ?int $least = null,
        int $days = 4,
        ?int $rating = 45,
        int $cautions = 0,
        string $category = '',
        array $barcodes = [],
    ): Proposable {
        return new Proposable($id, $fit, $keep, $least, $days, $rating, $cautions, $category === '' ? 'kind '.$id : $category, $barcodes);
    }

    /**
     * @param  list<Proposable>  $items
     * @return list<int>
     */
    private static function ids(array $items): array
    {
        return array_map(static fn (Proposable $item): int => $item->id, $items);
    }
}
