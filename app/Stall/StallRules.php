<?php

declare(strict_types=1);

namespace WindowStall\Stall;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Symfony\Component\Intl\Countries;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\MoneyUnreadable;
use WindowStall\Stall\Terms\ReferenceRates;
use WindowStall\Support\Http\Typed;
use WindowStall\Support\Views\Percent;

/** Reads what people type about a stall, field by field, with sentences that say what to mend. */
final class StallRules
{
    /** One line of writing: no breaks, and nothing that turns or hides what stands beside it. */
    private const NAME = ['required', 'string', 'max:60', 'not_regex:/[\p{Cc}\p{Zl}\p{Zp}\x{202A}-\x{202E}\x{2066}-\x{2069}]/u'];

    private const ONE_LINE = 'The name is one line of ordinary writing.';

    private const NO_ZONE = 'No such time zone is known here; it is named as “Europe/Lisbon” is.';

    private const TAKEN_HANDLES = ['www', 'shop', 'shops', 'workshop', 'admin', 'mail', 'api', 'standins'];

    /**
     * @return array{
     *     name: string, handle: string, country: string, home_market: string, currency: string, vat_bp: int,
     *     flat_delivery_minor: int, zone: string,
     * }
     */
    public static function forNew(Request $request): array
    {
        $request->merge(['handle' => mb_strtolower(trim(Typed::text($request, 'handle')))]);
        $typed = $request->validate(
            [
                'name' => self::NAME,
                'handle' => [
                    'required',
                    'string',
                    'regex:/^[a-z][a-z0-9-]{1,37}[a-z0-9]$/',
                    Rule::notIn(self::TAKEN_HANDLES),
                    static function (string $attribute, mixed $handle, Closure $fail): void {
                        if (is_string($handle) && Door::isCalled($handle)) {
                            $fail('Another stall has that address already.');
                        }
                    },
                ],
                'country' => ['required', Rule::in(Countries::getCountryCodes())],
                'home_market' => ['required', Rule::in(Countries::getCountryCodes())],
                'currency' => ['required', Rule::in(ReferenceRates::currencies())],
                'vat' => 'required|string|max:8',
                'flat_delivery' => 'required|string|max:20',
                'zone' => ['sometimes', Rule::in(Clock::zones())],
            ],
            [
                'name.required' => 'A stall needs a name.',
                'name.not_regex' => self::ONE_LINE,
                'handle.regex' => 'The address takes small letters, digits and hyphens, 3 to 39 of them, beginning with a letter.',
                'handle.not_in' => 'That address is kept for other things.',
                'zone' => self::NO_ZONE,
            ],
        );

        return [
            'name' => trim($typed['name']),
            'handle' => $typed['handle'],
            'country' => $typed['country'],
            'home_market' => $typed['home_market'],
            'currency' => $typed['currency'],
            'vat_bp' => self::percent('vat', $typed['vat']),
            'flat_delivery_minor' => self::amount('flat_delivery', $typed['flat_delivery'], $typed['currency']),
            'zone' => $typed['zone'] ?? 'UTC',
        ];
    }

    /** @return array<string, mixed> columns of a stall */
    public static function forSettings(Request $request, Stall $stall): array
    {
        $typed = $request->validate(
            [
                'name' => self::NAME,
                'home_market' => ['required', Rule::in(Countries::getCountryCodes())],
                'promise_days' => 'required|integer|min:1|max:90',
                'zone' => ['sometimes', Rule::in(Clock::zones())],
            ],
            [
                'name.not_regex' => self::ONE_LINE,
                'promise_days.*' => 'How many working days the shop promises: from 1 to 90.',
                'zone' => self::NO_ZONE,
            ],
        );

        return [
            'name' => trim($typed['name']),
            'home_market' => $typed['home_market'],
            'promise_days' => (int) $typed['promise_days'],
            'zone' => $typed['zone'] ?? $stall->zone,
        ];
    }

    public static function percent(string $field, string $text): int
    {
        return Percent::parse($text) ??
            throw ValidationException::withMessages([
                $field => 'Write a percentage between 0 and 100, such as 20 or 1.5.',
            ]);
    }

    public static function amount(string $field, string $text, string $currency): int
    {
        try {
            $money = Money::parse($text, Currency::of($currency));
        } catch (MoneyUnreadable $e) {
            throw ValidationException::withMessages([$field => $e->getMessage()]);
        }
        if ($money->isNegative()) {
            throw ValidationException::withMessages([$field => 'This can’t be less than nothing.']);
        }

        return $money->minor;
    }
}
