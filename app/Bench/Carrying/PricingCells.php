<?php

declare(strict_types=1);

namespace WindowStall\Bench\Carrying;

use Illuminate\Validation\ValidationException;
use WindowStall\Bench\Prices\Ladders;
use WindowStall\Bench\Prices\PriceHistory;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Pricing\Listing\AcrossVariants;
use WindowStall\Core\Pricing\Offers\RungKind;
use WindowStall\Core\Pricing\Offers\RungWords;
use WindowStall\Core\Pricing\Recipe\RecipeNotation;
use WindowStall\Core\UserMessage;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\Recipes;
use WindowStall\Support\Refusal;

/**
 * What a seller says of prices besides the price itself, as cells: was-prices, ladders, and recipes of their own.
 *
 * @phpstan-import-type WrittenRecipe from RecipeNotation
 */
final class PricingCells
{
    /** Semicolons that don't stand in quotes. */
    private const BETWEEN = '/;(?=(?:[^"]*"[^"]*")*[^"]*$)/';

    /** @param  list<array{pieces: int, kind: string, value: string, words?: string}>|null  $rungs */
    public static function ladder(?array $rungs): string
    {
        return implode(
            '; ',
            array_map(
                static fn (array $r): string => $r['pieces'].
                    ': '.
                    match (RungKind::from($r['kind'])) {
                        RungKind::Percent => $r['value'].'%',
                        RungKind::Amount => $r['value'].' off each',
                        RungKind::Total => $r['value'].' in all',
                    }.
                    (($r['words'] ?? '') === '' ? '' : ' "'.$r['words'].'"'),
                $rungs ?? [],
            ),
        );
    }

    /**
     * Reads "2: 5%; 3: 1.00 off each "A row of beans"; 5: 60.00 in all".
     *
     * @return list<array{pieces: int, kind: string, value: string, words?: string}>|null
     *
     * @throws Refusal
     */
    public static function readLadder(string $cell, Stall $stall): ?array
    {
        $rungs = [];
        foreach (
            array_filter(array_map(trim(...), preg_split(self::BETWEEN, $cell) ?: []), static fn (string $r): bool => $r !== '') as $rung
        ) {
            if (preg_match('/^(\d{1,2})\s*:\s*(\S+?)\s*(%|off each|in all)(?:\s*"([^"]*)")?$/Du', $rung, $m) !== 1 || (int) $m[1] < 2) {
                throw new Refusal(
                    sprintf(
                        '“%s” is no rung. Write it as 3: 10%%, 3: 1.00 off each or 3: 24.00 in all, from 2 pieces on.',
                        mb_substr($rung, 0, 40),
                    ),
                );
            }
            $kind = ['%' => RungKind::Percent, 'off each' => RungKind::Amount, 'in all' => RungKind::Total][$m[3]];
            $rungs[] = ['pieces' => (int) $m[1], 'kind' => $kind->value, 'value' => $m[2]] +
                array_filter(['words' => RungWords::read($m[4] ?? '')]);
        }
        if (count($rungs) > Ladders::MOST_RUNGS) {
            throw new Refusal(sprintf('A ladder has at most %d rungs.', Ladders::MOST_RUNGS));
        }
        Ladders::read($rungs, $stall);

        return $rungs === [] ? null : $rungs;
    }

    /**
     * Reads a recipe as programs write it.
     *
     * @return WrittenRecipe|null
     *
     * @throws Refusal
     */
    public static function readRecipe(string $cell, Currency $currency): ?array
    {
        if (trim($cell) === '') {
            return null;
        }
        $said = json_decode($cell, true);
        if (! is_array($said)) {
            throw new Refusal(
                'This is no recipe: it is written as programs send it, {"basis": "landed", "steps": [{"factor": '.
                    '"2.4"}], …}.',
            );
        }
        try {
            return Recipes::check($said, $currency);
        } catch (ValidationException $e) {
            throw new Refusal((string) collect($e->errors())->flatten()->first());
        }
    }

    /**
     * Reads how the prices of a listing's variants go together: "one", or {"across": "stepped", "option": "Size",
     * "groups": [["S", "M"]]}.
     *
     * @return array{across: string, option?: string, groups?: list<list<string>>}|null null where each has its own
     *
     * @throws Refusal
     */
    public static function readTogether(string $cell): ?array
    {
        $cell = trim($cell);
        $said = in_array($cell, ['', 'each', 'one'], true) ? ['across' => $cell ?: 'each'] : json_decode($cell, true);
        $across = AcrossVariants::tryFrom(is_array($said) && is_string($said['across'] ?? null) ? $said['across'] : '');
        $groups = is_array($said) && is_array($said['groups'] ?? null) ? $said['groups'] : [];
        $option = is_array($said) && is_string($said['option'] ?? null) ? $said['option'] : '';
        $texts = array_filter($groups, static fn (mixed $g): bool => is_array($g) && array_filter($g, is_string(...)) === $g);
        if ($across === null || ($across === AcrossVariants::Stepped && ($option === '' || $groups === [] || $texts !== $groups))) {
            throw new Refusal(
                'This doesn’t say how prices go together: write one, or {"across": "stepped", "option": "Size", '.
                    '"groups": [["S", "M"]]}; empty for each its own.',
            );
        }

        return match ($across) {
            AcrossVariants::Each => null,
            AcrossVariants::One => ['across' => 'one'],
            AcrossVariants::Stepped => [
                'across' => 'stepped',
                'option' => $option,
                'groups' => array_values(array_map(array_values(...), $texts)),
            ],
        };
    }

    /**
     * Reads a was-price, and holds it to what may stand beside the price.
     *
     * @throws UserMessage
     */
    public static function readWas(string $cell, int $variant, ?Money $price, Stall $stall): ?Money
    {
        if (trim($cell) === '') {
            return null;
        }
        $was = Money::parse($cell, $stall->currencyValue());
        $why = PriceHistory::refusesWas($stall, $variant, $was, $price);

        return $why === null ? $was : throw new Refusal($why);
    }
}
