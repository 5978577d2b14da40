<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Http\Api;

use WindowStall\Support\Api\Schema;

/** How the API speaks of rates of tax. */
final class TaxRateSchema
{
    private const TEXT = ['type' => 'string'];

    /** @return array<string, mixed> */
    public static function rates(): array
    {
        return [
            'get' => [
                'summary' => 'Rates besides each market’s standard one; the nearest that has an address counts, then the latest',
                'operationId' => 'listTaxRates',
                'responses' => self::all(),
            ],
            'post' => [
                'summary' => 'Says a rate; the whole country’s standard one becomes its market’s own. A token that may decide',
                'operationId' => 'makeTaxRate',
                'requestBody' => self::body(),
                'responses' => self::all(),
            ],
        ];
    }

    /** @return array<string, mixed> */
    public static function rate(): array
    {
        $parameters = [['name' => 'taxRate', 'in' => 'path', 'required' => true, 'schema' => ['type' => 'integer']]];

        return [
            'put' => [
                'summary' => 'Says a rate anew, as a whole; a token that may decide',
                'operationId' => 'sayTaxRate',
                'parameters' => $parameters,
                'requestBody' => self::body(),
                'responses' => self::all(),
            ],
            'delete' => [
                'summary' => 'Takes a rate out',
                'operationId' => 'removeTaxRate',
                'parameters' => $parameters,
                'responses' => self::all(),
            ],
        ];
    }

    /** @return array<string, array<string, mixed>> */
    public static function schemas(): array
    {
        return [
            'TaxRateSaid' => Schema::object(self::written(), ['country', 'rate']),
            'TaxRate' => Schema::object(['id' => ['type' => 'integer']] + self::written()),
        ];
    }

    /** @return array<string, mixed> */
    private static function written(): array
    {
        return [
            'country' => self::TEXT + ['description' => 'ISO 3166-1'],
            'parts' => ['type' => 'array', 'items' => self::TEXT, 'description' => 'ISO 3166-2; none for the whole country'],
            'postcodes' => self::TEXT + ['description' => '"35*, 38*", "90001–90089"; "" for all'],
            'class' => ['enum' => ['standard', 'reduced']],
            'rate' => ['type' => 'string', 'pattern' => '^\\d+(\\.\\d+)?$', 'description' => '"0.135" is 13.5%'],
            'from' => ['type' => 'string', 'description' => 'the first day it counts, YYYY-MM-DD; today, if left out'],
            'source' => self::TEXT + ['description' => 'where that is said'],
        ];
    }

    /** @return array<string, mixed> */
    private static function body(): array
    {
        return ['required' => true, 'content' => Schema::json(Schema::named('TaxRateSaid'))];
    }

    /** @return array<array-key, mixed> */
    private static function all(): array
    {
        $rates = ['type' => 'array', 'items' => Schema::named('TaxRate')];

        return Schema::answers('All rates', Schema::object(['data' => $rates]), 403, 404);
    }
}
