<?php

declare(strict_types=1);

// Rates besides each country's standard one, by ISO 3166 country: {class, parts, postcodes, rate, from, source}. A starting point
// that sellers take over, look over and change; typed in from what the named sources publish, as they stood in November 2026.
// Rates of parts are whole rates, not what is added to a wider one; of a state's towns only some large ones are here.
$state = static fn (string $part, string $rate, string $source = 'its general sales tax'): array => [
    'standard', ['US-'.$part], null, $rate, '2020-01-01', $source,
];
$town = static fn (string $part, string $postcodes, string $rate, string $source): array => [
    'standard', ['US-'.$part], $postcodes, $rate, '2025-07-01', $source,
];
$reduced = static fn (string $rate, string $from, string $source): array => ['reduced', [], null, $rate, $from, $source];
$outside = static fn (string $postcodes, string $source): array => ['standard', [], $postcodes, '0', '1993-01-01', $source];

return [
    'AT' => [$reduced('0.1', '1984-01-01', 'food, books; UStG 1994, § 10')],
    'BE' => [$reduced('0.06', '1996-01-01', 'food, books; Royal Decree no. 20')],
    'BG' => [$reduced('0.09', '2011-04-01', 'books; Value Added Tax Act, art. 66a')],
    'CH' => [$reduced('0.026', '2024-01-01', 'food, books; MWSTG, art. 25')],
    'CY' => [$reduced('0.05', '2000-07-01', 'food; VAT Law 95(I)/2000')],
    'CZ' => [$reduced('0.12', '2024-01-01', 'food; Act no. 235/2004, § 47')],
    'DE' => [
        $reduced('0.07', '1983-07-01', 'food, books, plants; UStG, § 12 (2)'),
        $outside('27498, 78266', 'Heligoland and Büsingen; UStG, § 1 (2)'),
    ],
    'EE' => [$reduced('0.09', '2022-08-01', 'books; Käibemaksuseadus, § 15')],
    'ES' => [
        $reduced('0.1', '2012-09-01', 'food, plants; Ley 37/1992, art. 91'),
        $outside('35*, 38*, 51*, 52*', 'the Canaries, Ceuta and Melilla; Ley 37/1992, art. 3'),
    ],
    'FI' => [
        $reduced('0.14', '2013-01-01', 'food; Arvonlisäverolaki, § 85'),
        $outside('22*', 'Åland; Arvonlisäverolaki, § 1a'),
    ],
    'FR' => [
        $reduced('0.055', '2014-01-01', 'food, books; CGI, art. 278-0 bis'),
        $outside('97*, 98*', 'overseas, but for its own rates; CGI, art. 294'),
    ],
    'GB' => [$reduced('0.05', '1997-09-01', 'child seats, fuel; VAT Act 1994, sch. 7A')],
    'GR' => [$reduced('0.13', '2016-06-01', 'food; VAT Code, annex III'), $outside('63086', 'Mount Athos; VAT Code, art. 2')],
    'HR' => [$reduced('0.05', '2014-01-01', 'books, bread; Zakon o PDV, art. 38')],
    'HU' => [$reduced('0.05', '2009-07-01', 'books; Act CXXVII of 2007, § 82')],
    'IE' => [$reduced('0.135', '2003-01-01', 'fuel, plants; VAT Consolidation Act 2010, sch. 3')],
    'IT' => [
        $reduced('0.1', '1993-01-01', 'food, plants; DPR 633/1972, table A'),
        $outside('23041, 23030', 'Livigno; DPR 633/1972, art. 7'),
    ],
    'LT' => [$reduced('0.09', '2009-01-01', 'books; Law on VAT, art. 19')],
    'LU' => [$reduced('0.08', '2015-01-01', 'plants; Loi TVA, art. 39')],
    'LV' => [$reduced('0.12', '2012-07-01', 'medicine, baby food; PVN likums, s. 42')],
    'MT' => [$reduced('0.05', '1999-01-01', 'books; VAT Act, sch. 8')],
    'NL' => [$reduced('0.09', '2019-01-01', 'food, books, plants; Wet OB 1968, art. 9 (2)')],
    'NO' => [$reduced('0.15', '2012-01-01', 'food; Stortingets vedtak om merverdiavgift')],
    'PL' => [$reduced('0.08', '2011-01-01', 'plants; Ustawa o VAT, annex 3')],
    'PT' => [
        $reduced('0.13', '2011-01-01', 'food; CIVA, list II'),
        ['standard', [], '95*, 96*, 97*, 98*, 99*', '0.16', '2021-07-01', 'the Azores; CIVA, art. 18'],
        ['standard', [], '90*, 91*, 92*, 93*, 94*', '0.22', '2012-04-01', 'Madeira; CIVA, art. 18'],
    ],
    'SE' => [$reduced('0.12', '1996-01-01', 'food; Mervärdesskattelag, ch. 9')],
    'SI' => [$reduced('0.095', '2013-07-01', 'food, plants; ZDDV-1, art. 41')],
    'US' => [
        $state('AK', '0'), $state('AL', '0.04'), $state('AR', '0.065'), $state('AZ', '0.056'), $state('CA', '0.0725'),
        $state('CO', '0.029'), $state('CT', '0.0635'), $state('DC', '0.06'), $state('DE', '0'), $state('FL', '0.06'),
        $state('GA', '0.04'), $state('HI', '0.04'), $state('IA', '0.06'), $state('ID', '0.06'), $state('IL', '0.0625'),
        $state('IN', '0.07'), $state('KS', '0.065'), $state('KY', '0.06'), $state('LA', '0.05'), $state('MA', '0.0625'),
        $state('MD', '0.06'), $state('ME', '0.055'), $state('MI', '0.06'), $state('MN', '0.06875'), $state('MO', '0.04225'),
        $state('MS', '0.07'), $state('MT', '0'), $state('NC', '0.0475'), $state('ND', '0.05'), $state('NE', '0.055'),
        $state('NH', '0'), $state('NJ', '0.06625'), $state('NM', '0.04875'), $state('NV', '0.0685'), $state('NY', '0.04'),
        $state('OH', '0.0575'), $state('OK', '0.045'), $state('OR', '0'), $state('PA', '0.06'), $state('RI', '0.07'),
        $state('SC', '0.06'), $state('SD', '0.042'), $state('TN', '0.07'), $state('TX', '0.0625'), $state('UT', '0.0485'),
        $state('VA', '0.053'), $state('VT', '0.06'), $state('WA', '0.065'), $state('WI', '0.05'), $state('WV', '0.06'),
        $state('WY', '0.04'),
        $town('CA', '90001–90089', '0.0975', 'Los Angeles, with county and districts'),
        $town('CA', '94102–94188', '0.08625', 'San Francisco, with county and districts'),
        $town('CA', '92101–92199', '0.0775', 'San Diego, with county'),
        $town('IL', '60601–60661', '0.1025', 'Chicago, with county and transit'),
        $town('NY', '10001–10499, 11004–11109, 11201–11256, 11351–11697', '0.08875', 'New York City, with transit'),
        $town('PA', '19102–19154', '0.08', 'Philadelphia, with city'),
        $town('TX', '77001–77099, 75201–75398, 78201–78299', '0.0825', 'Houston, Dallas and San Antonio, with city'),
        $town('WA', '98101–98199', '0.1035', 'Seattle, with county and transit'),
    ],
];
