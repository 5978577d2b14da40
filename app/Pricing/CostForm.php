<?php

declare(strict_types=1);

namespace WindowStall\Pricing;

use Illuminate\Validation\ValidationException;
use WindowStall\Stall\Stall;
use WindowStall\Stall\StallRules;

/** Reads what a person types on the cost sheet, field by field. */
final class CostForm
{
    /** field → column; percentages */
    private const PERCENT = [
        'vat' => 'vat_bp',
        'payment_fee' => 'payment_fee_bp',
        'platform_fee' => 'platform_fee_bp',
        'returns' => 'returns_bp',
        'rate_tolerance' => 'rate_tolerance_bp',
    ];

    /** field → column; amounts */
    private const AMOUNT = [
        'flat_delivery' => 'flat_delivery_minor',
        'payment_fee_fixed' => 'payment_fee_fixed_minor',
        'advertising' => 'advertising_minor',
        'handling' => 'handling_minor',
    ];

    public const FIELDS = [...self::PERCENT, ...self::AMOUNT];

    /**
     * @param  array<string, string>  $typed  of {@see FIELDS}
     * @return array<string, int> columns of a stall
     *
     * @throws ValidationException
     */
    public static function columns(Stall $stall, array $typed): array
    {
        $columns = [];
        foreach ($typed as $field => $text) {
            if (isset(self::PERCENT[$field])) {
                $columns[self::PERCENT[$field]] = StallRules::percent($field, $text);
            } elseif (isset(self::AMOUNT[$field])) {
                $columns[self::AMOUNT[$field]] = StallRules::amount($field, $text, $stall->currency);
            }
        }

        return $columns;
    }

    /**
     * @param  array<array-key, string>  $typed  currency → rate
     * @return array<string, string> those the stall knows
     *
     * @throws ValidationException
     */
    public static function rates(Stall $stall, array $typed): array
    {
        $known = $stall->rates->pluck('from')->all();
        $rates = [];
        foreach ($typed as $currency => $text) {
            $text = str_replace(',', '.', trim($text));
            if (
                ! in_array($currency, $known, true) ||
                preg_match('/^\d{1,6}(\.\d{1,8})?$/D', $text) !== 1 ||
                (float) $text === 0.0
            ) {
                throw ValidationException::withMessages([
                    'rates.'.$currency => sprintf(
                        'Write what one %s costs in %s, such as 0.79.',
                        mb_substr((string) $currency, 0, 3),
                        $stall->currency,
                    ),
                ]);
            }
            $rates[(string) $currency] = $text;
        }

        return $rates;
    }
}
