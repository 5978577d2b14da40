<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Bench;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Bench\Lack;
use WindowStall\Core\Bench\ListingPart;
use WindowStall\Core\Bench\Wording;

/** What shoppers would read: what was left of the supplier's words keeps a listing on the bench. */
final class WordingTest extends TestCase
{
    public function test_what_a_proud_shopkeeper_would_leave_standing_passes(): void
    {
        $wording = new Wording(
            'Watering can with a brass rose, 7 l',
            "It pours a fine rain that doesn’t wash seed away.\nHolds 7 l. Steel, with a rose of brass.",
            ['Colour' => ['Green', 'Red', 'Tan'], 'Size' => ['S', '3XL', '20 l', '12V', '5L']],
        );
        self::assertSame([], $wording->lacks());
    }

    #[TestWith(['Dear friend welcome our store!! 5 STARS feedback is very important for us'])]
    #[TestWith(['Wholesale welcome'])]
    #[TestWith(['Visit Bargain Barn Store for 10% off.'])]
    #[TestWith(['Write to sales@bazaar.example.'])]
    public function test_words_about_the_supplier_keep_it_on_the_bench(string $sentence): void
    {
        $lacks = (new Wording('Hand trowel', "A trowel of steel.\n".$sentence))->lacks();
        self::assertSame([ListingPart::Words], $this->places($lacks));
        self::assertMatchesRegularExpression('/(isn|aren)’t about the thing/u', $lacks[0]->words);
        self::assertStringContainsString(mb_substr($sentence, 0, 30), $lacks[0]->words);
    }

    #[TestWith(['OD1048B Trowel with ash handle'])]
    #[TestWith(['HOT SALE New Garden Trowel Best Quality'])]
    #[TestWith(['Trowel TROWEL garden trowel'])]
    #[TestWith(['trowel garden tool hand shovel digging planting outdoor metal weeding balcony'])]
    public function test_a_title_like_a_suppliers_keeps_it_on_the_bench(string $title): void
    {
        self::assertSame([ListingPart::Title], $this->places((new Wording($title))->lacks()));
    }

    public function test_codes_and_short_forms_as_names_of_options_are_named_together(): void
    {
        $lacks = (new Wording('Trowel', options: ['Clr' => ['GRN-05', 'BLK', 'Copper'], 'Sz' => ['M']]))->lacks();
        self::assertSame([ListingPart::Names], $this->places($lacks));
        self::assertSame(
            'Shoppers would read “Clr”, “GRN-05”, “BLK” and 1 more such codes. Give each a plain name.',
            $lacks[0]->words,
        );
        self::assertSame(['Clr', 'GRN-05', 'BLK', 'Sz'], $lacks[0]->meant);
    }

    public function test_what_is_meant_so_stands_and_the_rest_is_still_said(): void
    {
        $words = "We also sell wholesale welcome mats: wholesale welcome.\nDear friend.";
        $options = ['Model' => ['UK-8', 'UK-9']];
        $all = new Wording('RHS 2027 calendar', $words, $options);
        self::assertCount(2, $all->lacks());
        $meant = ['UK-8', 'UK-9', 'Dear friend.'];
        $lacks = (new Wording('RHS 2027 calendar', $words, $options, meant: $meant))->lacks();
        self::assertSame([ListingPart::Words], $this->places($lacks));
        self::assertStringNotContainsString('Dear friend', $lacks[0]->words);
        // Another title isn't what was meant.
        $title = new Wording('HOT NEW trowel', meant: ['HOT NEW trowels']);
        self::assertSame([ListingPart::Title], $this->places($title->lacks()));
    }

    /**
     * @param  list<Lack>  $lacks
     * @return list<ListingPart>
     */
    private function places(array $lacks): array
    {
        return array_map(static fn (Lack $l): ListingPart => $l->place, $lacks);
    }
}
