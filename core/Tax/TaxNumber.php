<?php

declare(strict_types=1);

namespace WindowStall\Core\Tax;

/**
 * The number by which a business is registered for value-added tax, checked in form only. Forms as the European Commission
 * publishes them for its information exchange (VIES, "VAT identification number structure"); others as their authorities say.
 */
final class TaxNumber
{
    /** ISO 3166 country → the number without its prefix; Greece writes EL. */
    private const FORMS = [
        'AT' => 'U\d{8}',
        'BE' => '[01]\d{9}',
        'BG' => '\d{9,10}',
        'CY' => '\d{8}[A-Z]',
        'CZ' => '\d{8,10}',
        'DE' => '\d{9}',
        'DK' => '\d{8}',
        'EE' => '\d{9}',
        'ES' => '[A-Z0-9]\d{7}[A-Z0-9]',
        'FI' => '\d{8}',
        'FR' => '[A-HJ-NP-Z0-9]{2}\d{9}',
        'GR' => '\d{9}',
        'HR' => '\d{11}',
        'HU' => '\d{8}',
        'IE' => '\d[A-Z0-9+*]\d{5}[A-Z]{1,2}',
        'IT' => '\d{11}',
        'LT' => '(?:\d{9}|\d{12})',
        'LU' => '\d{8}',
        'LV' => '\d{11}',
        'MT' => '\d{8}',
        'NL' => '[A-Z0-9+*]{10}\d{2}',
        'PL' => '\d{10}',
        'PT' => '\d{9}',
        'RO' => '\d{2,10}',
        'SE' => '\d{10}01',
        'SI' => '\d{8}',
        'SK' => '\d{10}',
        'GB' => '(?:\d{9}|\d{12}|GD\d{3}|HA\d{3})',
        'CH' => 'E\d{9}(?:MWST|TVA|IVA)?',
        'NO' => '\d{9}(?:MVA)?',
    ];

    /** Prefixes that aren't the country's code. */
    private const PREFIXES = ['GR' => 'EL'];

    /** @param  string  $country  ISO 3166-1 */
    public static function isKnown(string $country): bool
    {
        return isset(self::FORMS[$country]);
    }

    /**
     * @param  string  $typed  with or without its prefix, dots, dashes and spaces
     * @return string|null with its prefix and without what parts it, "IE1234567FA"; null where it has another form
     */
    public static function read(string $typed, string $country): ?string
    {
        $form = self::FORMS[$country] ?? null;
        $prefix = self::PREFIXES[$country] ?? $country;
        $number = (string) preg_replace('/[\s.\-]+/u', '', mb_strtoupper($typed));
        $bare = str_starts_with($number, $prefix) ? substr($number, strlen($prefix)) : $number;

        return $form !== null && preg_match('/^'.$form.'$/D', $bare) === 1 ? $prefix.$bare : null;
    }
}
