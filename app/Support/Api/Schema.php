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

    /** ISO 4217. */
    public const CURRENCY = ['type' => 'string', 'pattern' => '^[A-Z]{3}$'];

    /**
     * @param  array<string, mixed>  $properties
     * @param  list<string>|null  $required  all when null
     * @return array<string, mixed>
     */
    public static function object(array $properties, ?array $required = null): array
    {
        return array_filter([
            'type' => 'object',
            'required' => $required ?? array_keys($properties),
            'properties' => $properties,
        ]);
    }

    /** @return array<string, mixed> a named schema of the description */
    public static function named(string $name): array
    {
        return ['$ref' => '#/components/schemas/'.$name];
    }

    /**
     * @param  array<string, mixed>  $schema
     * @return array<string, mixed> it, or null
     */
    public static function orNull(array $schema): array
    {
        return ['oneOf' => [['type' => 'null'], $schema]];
    }

    /**
     * @param  array<string, mixed>  $schema
     * @return array<string, mixed> what a request sends, or an answer brings
     */
    public static function json(array $schema): array
    {
        return ['application/json' => ['schema' => $schema]];
    }

    /**
     * What an operation answers: what was asked for, and the refusals every operation knows.
     *
     * @param  array<string, mixed>  $schema  of what was asked for
     * @param  int  ...$more  statuses of refusals that only some operations know
     * @return array<int|string, mixed>
     */
    public static function answers(string $description, array $schema, int ...$more): array
    {
        $answers = [200 => ['description' => $description, 'content' => self::json($schema)]];
        $refusals = [...Refusals::EVERYWHERE, ...$more];
        sort($refusals);
        foreach ($refusals as $status) {
            $answers[$status] = ['$ref' => '#/components/responses/'.Refusals::NAMES[$status]];
        }

        return $answers;
    }
}
