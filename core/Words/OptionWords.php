<?php

declare(strict_types=1);

namespace WindowStall\Core\Words;

/**
 * Names and values of options as suppliers shorten them ("Clr", "GRN-05", "Sz"): which of them a shopper couldn't read,
 * and the plain word where it is known.
 */
final class OptionWords
{
    /** Shortened names of options. */
    private const NAMES = [
        'clr' => 'Colour',
        'col' => 'Colour',
        'color' => 'Colour',
        'sz' => 'Size',
        'qty' => 'Pieces',
        'quan' => 'Pieces',
        'mat' => 'Material',
        'matl' => 'Material',
        'len' => 'Length',
        'lgth' => 'Length',
        'wdth' => 'Width',
        'hght' => 'Height',
        'dia' => 'Diameter',
        'diam' => 'Diameter',
        'wt' => 'Weight',
        'wght' => 'Weight',
        'cap' => 'Capacity',
        'vol' => 'Volume',
        'fin' => 'Finish',
        'mdl' => 'Model',
        'typ' => 'Sort',
        'opt' => 'Choice',
        'spec' => 'Sort',
        'specs' => 'Sort',
        'var' => 'Sort',
        'pk' => 'Pack',
        'pcs' => 'Pieces',
    ];

    /** Three letters that stand for a colour, metal or wood, alone or before a number. */
    private const VALUES = [
        'blk' => 'Black',
        'blu' => 'Blue',
        'brn' => 'Brown',
        'brs' => 'Brass',
        'brz' => 'Bronze',
        'cpr' => 'Copper',
        'crm' => 'Cream',
        'grn' => 'Green',
        'gry' => 'Grey',
        'gld' => 'Gold',
        'nvy' => 'Navy',
        'orn' => 'Orange',
        'org' => 'Orange',
        'pnk' => 'Pink',
        'prp' => 'Purple',
        'red' => 'Red',
        'slv' => 'Silver',
        'stl' => 'Steel',
        'wht' => 'White',
        'wal' => 'Walnut',
        'ylw' => 'Yellow',
        'yel' => 'Yellow',
    ];

    /** Words of colours and finishes that are written in full, so no code: "RED", "TAN". */
    private const FULL = ['red', 'tan', 'oak', 'ash'];

    /** An option's name that a shopper couldn't read. */
    public static function unclearName(string $name): bool
    {
        $plain = self::plain($name);

        return isset(self::NAMES[$plain]) && $plain !== 'color' && $plain !== 'spec' || self::code($name);
    }

    /** A value that a shopper couldn't read: "GRN-05", "BLK". */
    public static function unclearValue(string $value): bool
    {
        $plain = self::plain($value);

        return self::code($value) || isset(self::VALUES[$plain]) && ! in_array($plain, self::FULL, true);
    }

    /** What an option's name stands for, in plain words; null where it isn't known. */
    public static function nameSaid(string $name): ?string
    {
        return self::NAMES[self::plain($name)] ?? null;
    }

    /** What a value stands for, in plain words; null where it isn't known. */
    public static function valueSaid(string $value): ?string
    {
        return preg_match('/^([a-z]{3})(?:[-_ ]?\d{1,4})?$/i', trim($value), $found) === 1
            ? self::VALUES[mb_strtolower($found[1])] ?? null
            : null;
    }

    /**
     * Names of options as one says them where goods are sold to, by each way of writing them in small letters.
     *
     * @param  string  $market  a country's two letters
     * @return array<string, string>
     */
    public static function joinedNames(string $market): array
    {
        $colour = $market === 'US' ? 'Color' : 'Colour';
        $names = array_map(static fn (string $said): string => $said === 'Colour' ? $colour : $said, self::NAMES);

        return ['colour' => $colour, 'colours' => $colour, 'colors' => $colour] + $names;
    }

    /** @return array<string, string> what three letters stand for, alone or before a number */
    public static function joinedValues(): array
    {
        return self::VALUES;
    }

    /** "STL-01", "OD1048B": letters and digits mixed, or a hyphen between capitals and digits; not "5L" or "12V". */
    public static function code(string $word): bool
    {
        return preg_match(
            '/^(?=.*\d)(?=.*[A-Z])[A-Z\d]{2,}(?:[-_][A-Z\d]+)+$|^[A-Z]{1,4}\d{3,}[A-Z\d]*$/',
            trim($word),
        ) === 1;
    }

    private static function plain(string $text): string
    {
        return rtrim(mb_strtolower(trim($text)), '.:');
    }
}
