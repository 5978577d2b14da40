<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Delivery\Places;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Delivery\Places\Destination;
use WindowStall\Core\Delivery\Places\NearestPlace;
use WindowStall\Core\Delivery\Places\Place;
use WindowStall\Core\Delivery\Places\Postcodes;
use WindowStall\Core\Delivery\Places\Territory;

final class NearestPlaceTest extends TestCase
{
    /** @return list<Place> as the demo's keeper would lay them out, the widest first */
    private static function places(): array
    {
        return [
            new Place(1, 'anywhere else', []),
            new Place(2, 'the United Kingdom', [new Territory('GB')]),
            new Place(3, 'the Highlands and the islands', [
                new Territory('GB', postcodes: Postcodes::read('IV, HS, KA27–28, KW, PA20–80, PH17–50, ZE, BT')),
                new Territory('IM'),
            ]),
            new Place(4, 'Fort William', [new Territory('GB', postcodes: Postcodes::read('PH33'))]),
            new Place(5, 'Ireland and the Netherlands', [new Territory('IE'), new Territory('NL')]),
            new Place(6, 'France on the mainland', [new Territory('FR', postcodes: Postcodes::read('all but 20*, 97xxx'))]),
            new Place(7, 'the United States', [new Territory('US')]),
            new Place(8, 'Hawaii and Alaska', [new Territory('US', ['US-HI', 'US-AK'])]),
            new Place(9, 'the north of Alaska', [new Territory('US', ['US-AK'], Postcodes::read('997xx'))]),
        ];
    }

    #[TestWith(['GB', null, 'AL4 7QT', 2])]
    #[TestWith(['GB', null, 'PH1 1AA', 2])]
    #[TestWith(['GB', null, 'PH34 4AA', 3])]
    #[TestWith(['GB', null, 'PH33 6TQ', 4])]
    #[TestWith(['GB', null, 'BT1 1AA', 3])]
    #[TestWith(['GB', null, null, 2])]
    #[TestWith(['IM', null, 'IM1 1AA', 3])]
    #[TestWith(['IE', null, 'D02 AF30', 5])]
    #[TestWith(['NL', null, '1234 AB', 5])]
    #[TestWith(['FR', null, '75001', 6])]
    #[TestWith(['FR', null, '20250', 1])]
    #[TestWith(['FR', null, '97400', 1])]
    #[TestWith(['FR', null, null, 1])]
    #[TestWith(['US', 'US-OR', '97201', 7])]
    #[TestWith(['US', 'US-HI', '96801', 8])]
    #[TestWith(['US', 'US-AK', '99501', 8])]
    #[TestWith(['US', 'US-AK', '99701', 9])]
    #[TestWith(['US', null, '99701', 7])]
    #[TestWith(['JP', null, '100-0001', 1])]
    public function test_the_nearest_place_counts(string $country, ?string $part, ?string $postcode, int $place): void
    {
        $to = new Destination($country, $part, $postcode);
        self::assertSame($place, NearestPlace::of(self::places(), $to)?->place->id);
        self::assertSame($place, NearestPlace::of(array_reverse(self::places()), $to)?->place->id, 'in any order');
    }

    public function test_it_says_which_and_why(): void
    {
        $reasons = static fn (Destination $to): array => NearestPlace::of(self::places(), $to)?->reasons(
            $to,
            static fn (string $code): string => ['GB' => 'the United Kingdom', 'US-HI' => 'Hawaii'][$code] ?? $code,
        ) ?? [];

        self::assertSame([
            'The Highlands and the islands, as PH34 4AA lies in PH17–50.',
            'The United Kingdom and anywhere else would have it too, but the nearer place counts.',
        ], $reasons(new Destination('GB', postcode: 'PH34 4AA')));
        self::assertSame(
            'The United Kingdom, the whole of it.',
            $reasons(new Destination('GB', postcode: 'AL4 7QT'))[0],
        );
        self::assertSame('Hawaii and Alaska, as it holds Hawaii.', $reasons(new Destination('US', 'US-HI'))[0]);
        self::assertSame(
            'France on the mainland, as it holds all but 20*, 97xxx.',
            $reasons(new Destination('FR', postcode: '75001'))[0],
        );
        self::assertSame(['Anywhere else, as no other place has it.'], $reasons(new Destination('JP')));
    }

    public function test_where_none_has_it_there_is_none_and_of_two_as_near_the_first_counts(): void
    {
        self::assertNull(NearestPlace::of(array_slice(self::places(), 1), new Destination('JP')));
        $twice = [new Place(1, 'one', [new Territory('GB')]), new Place(2, 'two', [new Territory('GB')])];
        self::assertSame(1, NearestPlace::of($twice, new Destination('GB'))?->place->id);
    }

    /** Narrowing a place down never makes it lose an address that it still has. */
    public function test_a_wider_place_never_wins_over_a_nearer(): void
    {
        mt_srand(29);
        for ($n = 0; $n < 2_000; $n++) {
            $postcode = sprintf('%05d', mt_rand(0, 99_999));
            $to = new Destination('DE', 'DE-BY', $postcode);
            $keep = mt_rand(1, 5);
            $steps = [
                new Place(1, 'anywhere', []),
                new Place(2, 'Germany', [new Territory('DE')]),
                new Place(3, 'all but', [new Territory('DE', postcodes: Postcodes::read('all but 00000'))]),
                new Place(4, 'Bavaria', [new Territory('DE', ['DE-BY'])]),
                new Place(5, 'some', [new Territory('DE', postcodes: Postcodes::read(substr($postcode, 0, $keep).'*'))]),
                new Place(6, 'it', [new Territory('DE', postcodes: Postcodes::read($postcode))]),
            ];
            $last = $postcode === '00000' ? 2 : mt_rand(0, 5);
            $some = array_slice($steps, 0, $last + 1);
            shuffle($some);
            self::assertSame($steps[$last]->id, NearestPlace::of($some, $to)?->place->id);
        }
    }
}
