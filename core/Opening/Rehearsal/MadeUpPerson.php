<?php

declare(strict_types=1);

namespace WindowStall\Core\Opening\Rehearsal;

use WindowStall\Core\Delivery\Address\AddressForm;

/** Somebody made up for a rehearsal, at home somewhere: towns and postcodes are there, the street isn't. */
final readonly class MadeUpPerson
{
    private const TOWNS = [
        'AT' => ['Graz', '8010'], 'AU' => ['Hobart', '7000', 'TAS'], 'BE' => ['Gent', '9000'],
        'CA' => ['Halifax', 'B3H 1A1', 'NS'], 'CH' => ['Bern', '3011'], 'CZ' => ['Brno', '602 00'],
        'DE' => ['Kassel', '34117'], 'DK' => ['Odense', '5000'], 'ES' => ['Soria', '42001', 'SO'],
        'FI' => ['Turku', '20100'], 'FR' => ['Tours', '37000'], 'GB' => ['Hexham', 'NE46 1AA'],
        'IE' => ['Dublin 2', 'D02 XY45'], 'IT' => ['Siena', '53100', 'SI'], 'JP' => ['Matsue-shi', '690-0001', '32'],
        'LU' => ['Luxembourg', '1111'], 'NL' => ['Zwolle', '8011 AA'], 'NO' => ['Hamar', '2317'],
        'NZ' => ['Nelson', '7010'], 'PL' => ['Opole', '45-001'], 'PT' => ['Évora', '7000-001'], 'SE' => ['Falun', '791 30'],
        'US' => ['Dover', '19901', 'DE'],
    ];

    private const PHONE = '+44 20 7946 0018';

    /** @param  array<string, string>  $typed  by field of the checkout */
    private function __construct(public array $typed)
    {
    }

    /** @return self|null null where no town is known */
    public static function in(string $country): ?self
    {
        if (! isset(self::TOWNS[$country])) {
            return null;
        }
        [$town, $postcode] = self::TOWNS[$country];
        $parts = AddressForm::parts($country);
        $part = self::TOWNS[$country][2] ?? '';
        // Some tables of parts begin each with the country.
        $part = $part === '' || isset($parts[$part]) ? $part : $country.'-'.$part;

        return new self([
            'name' => 'Rehearsal Shopper',
            'street' => '1 Rehearsal Row',
            'town' => $town,
            'postcode' => $postcode,
            'part' => isset($parts[$part]) ? $part : (string) array_key_first($parts),
            'email' => 'shopper@rehearsal.invalid',
            'phone' => self::PHONE,
        ]);
    }
}
