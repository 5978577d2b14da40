<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Delivery\Places;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Delivery\Places\PostcodePattern;
use WindowStall\Core\Delivery\Places\Postcodes;
use WindowStall\Core\Delivery\Places\PostcodesUnreadable;

final class PostcodesTest extends TestCase
{
    #[TestWith(['BT', 'BT1 1AA', 'GB', true])]
    #[TestWith(['B', 'BT1 1AA', 'GB', false])]
    #[TestWith(['B', 'B1 1AA', 'GB', true])]
    #[TestWith(['bt1–bt94', 'BT94 5AA', 'GB', true])]
    #[TestWith(['BT1-94', 'BT95 5AA', 'GB', false])]
    #[TestWith(['BT1 to BT94', 'BT9 5AA', 'GB', true])]
    #[TestWith(['PH17 – PH50', 'PH33 6TQ', 'GB', true])]
    #[TestWith(['PH17–50', 'PH336TQ', 'GB', true])]
    #[TestWith(['PH17–50', 'PH1 6TQ', 'GB', false])]
    #[TestWith(['PH17–50', 'PH16 6TQ', 'GB', false])]
    #[TestWith(['PH17–50', 'PA33 6TQ', 'GB', false])]
    #[TestWith(['KA27–28', 'KA27 8AA', 'GB', true])]
    #[TestWith(['IV*', 'IV2 3PP', 'GB', true])]
    #[TestWith(['IV2*', 'IV27 4AA', 'GB', true])]
    #[TestWith(['IV2', 'IV27 4AA', 'GB', false])]
    #[TestWith(['IV2', 'IV2 3PP', 'GB', true])]
    #[TestWith(['AL4 7QT', 'AL4 7QT', 'GB', true])]
    #[TestWith(['AL4 7QT', 'AL4 7QS', 'GB', false])]
    #[TestWith(['EC1', 'EC1A 1BB', 'GB', false])]
    #[TestWith(['EC1*', 'EC1A 1BB', 'GB', true])]
    #[TestWith(['W1–W1', 'W1A 0AX', 'GB', true])]
    #[TestWith(['JE2', 'JE2 3AB', 'JE', true])]
    #[TestWith(['D01–D24', 'D02 4F30', 'IE', true])]
    #[TestWith(['D01–D24', 'A65 F4E2', 'IE', false])]
    #[TestWith(['D02', 'D02 AF30', 'IE', true])]
    #[TestWith(['K1A', 'K1A 0B1', 'CA', true])]
    #[TestWith(['97xxx', '97400', 'FR', true])]
    #[TestWith(['97xxx', '9740', 'FR', false])]
    #[TestWith(['20*', '20250', 'FR', true])]
    #[TestWith(['10000–19999', '10115', 'DE', true])]
    #[TestWith(['10000–19999', '20095', 'DE', false])]
    #[TestWith(['01000–01999', '01067', 'DE', true])]
    #[TestWith(['01000–01999', '10670', 'DE', false])]
    #[TestWith(['1000-1999', '1234 AB', 'NL', true])]
    #[TestWith(['00501–00544', '00544', 'US', true])]
    #[TestWith(['00501–00544', '00544-1234', 'US', true])]
    #[TestWith(['10–20', 'PH33 6TQ', 'GB', false])]
    #[TestWith(['980-0000', '980-0000', 'JP', true])]
    public function test_codes_are_held_as_sellers_write_them(string $said, string $code, string $in, bool $holds): void
    {
        $pattern = PostcodePattern::read($said);
        self::assertNotNull($pattern);
        self::assertSame($holds, $pattern->holds($code, $in));
        self::assertSame($holds, PostcodePattern::read($pattern->said)?->holds($code, $in), 'it is read again as it is kept');
    }

    #[TestWith([''])]
    #[TestWith(['*'])]
    #[TestWith(['50–17'])]
    #[TestWith(['BT1–CT4'])]
    #[TestWith(['ΑΒ1'])]
    #[TestWith(['1000000000–9999999999'])]
    #[TestWith(['PH[1-9]'])]
    #[TestWith(['.*'])]
    #[TestWith(["B\0T1"])]
    public function test_what_cant_be_read_is_refused(string $said): void
    {
        self::assertNull(PostcodePattern::read($said));
    }

    public function test_a_line_of_them_is_read_and_kept_in_one_form(): void
    {
        $codes = Postcodes::read(" iv, hs;ka27-28,\n KW, pa20 – pa80, 97xxx ,");
        self::assertSame('IV, HS, KA27–28, KW, PA20–80, 97xxx', $codes->words());
        self::assertNotNull($codes->nearness('PA75 6QQ', 'GB'));
        self::assertNull($codes->nearness('PA1 6QQ', 'GB'));

        $but = Postcodes::read('All but 97xxx, 98xxx');
        self::assertSame('all but 97xxx, 98xxx', $but->words());
        self::assertNull($but->nearness('97400', 'FR'));
        self::assertSame('all but 97xxx, 98xxx', $but->nearness('75001', 'FR')?->as);
    }

    #[TestWith(['', 'No postcode is written here.'])]
    #[TestWith([' , ;', 'No postcode is written here.'])]
    #[TestWith(['BT, lots of places', '“lots of places” can’t be read as postcodes.'])]
    public function test_what_a_line_lacks_is_said(string $typed, string $why): void
    {
        $this->expectException(PostcodesUnreadable::class);
        $this->expectExceptionMessage($why);
        Postcodes::read($typed);
    }

    public function test_too_many_are_refused(): void
    {
        $this->expectExceptionMessage('These are 401 postcodes and ranges; a place takes 400.');
        Postcodes::read(implode(',', range(1, 401)));
    }

    /** Over all codes of a country with three figures: of two patterns, the one within the other decides more. */
    public function test_whatever_lies_within_another_is_nearer(): void
    {
        mt_srand(28);
        $all = array_map(static fn (int $n): string => sprintf('%03d', $n), range(0, 999));
        $held = [];
        for ($n = 0; $n < 400; $n++) {
            $from = mt_rand(0, 999);
            $said = match (mt_rand(0, 3)) {
                0 => sprintf('%03d–%03d', $from, mt_rand($from, 999)),
                1 => substr(sprintf('%03d', $from), 0, mt_rand(1, 2)).'*',
                2 => substr(sprintf('%03d', $from), 0, 2).'x',
                default => sprintf('%03d', $from),
            };
            $pattern = PostcodePattern::read($said) ?? self::fail($said);
            $held[] = [$pattern, array_filter($all, static fn (string $code): bool => $pattern->holds($code, 'FO'))];
        }
        $within = 0;
        foreach ($held as [$wide, $more]) {
            foreach ($held as [$near, $fewer]) {
                if (count($fewer) < count($more) && array_diff($fewer, $more) === []) {
                    $within++;
                    self::assertGreaterThan($wide->fixed, $near->fixed, $near->said.' lies within '.$wide->said);
                }
            }
        }
        self::assertGreaterThan(5_000, $within);
    }
}
