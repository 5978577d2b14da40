<?php

declare(strict_types=1);

namespace WindowStall\Stall\Terms;

use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Pricing\Recipe\Conditions;

/**
 * When a recipe counts, as it is written: amounts are decimal strings of the stall's currency, weights grams.
 *
 * @phpstan-type WrittenConditions array{
 *     suppliers?: list<int>, types?: list<string>, tags?: list<string>, cost_from?: string, cost_to?: string,
 *     grams_from?: int, grams_to?: int, markets?: list<string>, methods?: list<string>,
 * }
 */
final class ConditionNotation
{
    /** For Laravel's validator, under a field. */
    public const RULES = [
        'conditions' => 'present|array:suppliers,types,tags,cost_from,cost_to,grams_from,grams_to,markets,methods',
        'conditions.suppliers' => 'sometimes|array|max:50',
        'conditions.suppliers.*' => 'integer',
        'conditions.types' => 'sometimes|array|max:50',
        'conditions.types.*' => 'string|max:60',
        'conditions.tags' => 'sometimes|array|max:50',
        'conditions.tags.*' => 'string|max:60',
        'conditions.cost_from' => 'sometimes|string|max:20',
        'conditions.cost_to' => 'sometimes|string|max:20',
        'conditions.grams_from' => 'sometimes|integer|min:0|max:1000000',
        'conditions.grams_to' => 'sometimes|integer|min:0|max:1000000',
        'conditions.markets' => 'sometimes|array|max:50',
        'conditions.markets.*' => 'string|size:2',
        'conditions.methods' => 'sometimes|array|max:20',
        'conditions.methods.*' => 'string|max:40',
    ];

    /**
     * What a recipe begins with that counts for nothing until a person says when: goods that cost nothing.
     *
     * @return WrittenConditions
     */
    public static function nothing(Currency $currency): array
    {
        $none = Money::zero($currency)->digits();

        return ['cost_from' => $none, 'cost_to' => $none];
    }

    /**
     * @param  WrittenConditions  $written
     *
     * @throws \WindowStall\Core\Money\MoneyUnreadable
     */
    public static function read(array $written, Currency $currency): Conditions
    {
        $minor = static fn (?string $text): ?int => $text === null || trim($text) === ''
            ? null
            : Money::parse($text, $currency)->minor;

        return new Conditions(
            $written['suppliers'] ?? [],
            $written['types'] ?? [],
            $written['tags'] ?? [],
            $minor($written['cost_from'] ?? null),
            $minor($written['cost_to'] ?? null),
            $written['grams_from'] ?? null,
            $written['grams_to'] ?? null,
            $written['markets'] ?? [],
            $written['methods'] ?? [],
        );
    }

    /**
     * Without what says nothing.
     *
     * @param  array<string, mixed>  $sent  checked by {@see RULES}
     * @return WrittenConditions
     */
    public static function tidy(array $sent, Currency $currency): array
    {
        $tidy = array_filter(
            array_map(static fn (mixed $v): mixed => is_array($v) ? array_values($v) : $v, $sent),
            static fn (mixed $v): bool => $v !== null && $v !== '' && $v !== [],
        );
        foreach (['cost_from', 'cost_to'] as $amount) {
            if (isset($tidy[$amount]) && is_string($tidy[$amount])) {
                $tidy[$amount] = Money::parse($tidy[$amount], $currency)->digits();
            }
        }

        /** @var WrittenConditions $tidy */
        return $tidy;
    }
}
