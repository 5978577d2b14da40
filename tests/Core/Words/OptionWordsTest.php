<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Words;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Words\OptionWords;

final class OptionWordsTest extends TestCase
{
    #[TestWith(['Clr', 'Colour'])]
    #[TestWith(['color', 'Colour'])]
    #[TestWith(['SZ.', 'Size'])]
    #[TestWith(['Qty:', 'Pieces'])]
    #[TestWith(['Colour', null])]
    #[TestWith(['Finish', null])]
    public function test_shortened_names_are_said_in_full(string $name, ?string $said): void
    {
        self::assertSame($said, OptionWords::nameSaid($name));
    }

    #[TestWith(['GRN-05', 'Green'])]
    #[TestWith(['BLK', 'Black'])]
    #[TestWith(['Cpr 02', 'Copper'])]
    #[TestWith(['Red', 'Red'])]
    #[TestWith(['QXZ-05', null])]
    #[TestWith(['Green', null])]
    #[TestWith(['GRN-05-X', null])]
    public function test_codes_of_colours_are_said_where_they_are_known(string $value, ?string $said): void
    {
        self::assertSame($said, OptionWords::valueSaid($value));
    }

    public function test_a_shopper_reads_words_and_sizes_and_no_codes(): void
    {
        foreach (['GRN-05', 'BLK', 'OD1048B', 'A2-B4'] as $unclear) {
            self::assertTrue(OptionWords::unclearValue($unclear), $unclear);
        }
        foreach (['Green', 'RED', 'Tan', 'XL', '3XL', '5L', '12V', '20 l', 'Oak'] as $clear) {
            self::assertFalse(OptionWords::unclearValue($clear), $clear);
        }
        foreach (['Clr', 'Sz', 'QTY.', 'OPT-1'] as $unclear) {
            self::assertTrue(OptionWords::unclearName($unclear), $unclear);
        }
        foreach (['Colour', 'Color', 'Size', 'Sort', 'Finish'] as $clear) {
            self::assertFalse(OptionWords::unclearName($clear), $clear);
        }
    }
}
