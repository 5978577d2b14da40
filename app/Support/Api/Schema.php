<?php

declare(strict_types=1);

namespace WindowStall\Support\Api;

/** What the API's description says in many places. */
final class Schema
{
    public const AMOUNT = [
        'type' => ['string', 'null'],
        'pattern' => '^-?\d+(\.\d+)?$',
        'description' => 'a decimal string',
    ];

    /**
     * @param  array<string, mixed>  $properties
     * @param  list<string>|null  $required  all when null
     * @return array<string, mixed>
     */
    public static function object(array $properties, ?array $required = null): array
    {
        return ['type' => 'object', 'required' => $required ?? array_keys($properties), 'properties' => $properties];
    }
}
