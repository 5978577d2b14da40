<?php

declare(strict_types=1);

namespace WindowStall\Pricing;

use Illuminate\Validation\ValidationException;
use WindowStall\Core\Landing\DutyBase;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\Money;
use WindowStall\Stall\Stall;
use WindowStall\Stall\StallRules;

/** What a person typed of a market's terms, as its columns. */
final readonly class TypedTerms
{
    /** @param  array<string, mixed>  $typed */
    private function __construct(private Stall $stall, private array $typed)
    {
    }

    /**
     * @param  array<string, mixed>  $typed
     * @return array<string, mixed> at home only what duty it takes: prices, currency and tax are the stall's own there
     *
     * @throws ValidationException
     */
    public static function read(Stall $stall, string $market, array $typed): array
    {
        $terms = new self($stall, $typed);

        return $market === $stall->home_market ? $terms->duty() : $terms->duty() + $terms->abroad();
    }

    /** @return array<string, mixed> */
    private function duty(): array
    {
        return [
            'duty_bp' => StallRules::percent('terms.duty', (string) ($this->typed['duty'] ?? '0')),
            'duty_on' => $this->typed['dutyOn'] ?? DutyBase::GoodsAndDelivery->value,
        ];
    }

    /** @return array<string, mixed> */
    private function abroad(): array
    {
        $currency = $this->currency();

        return [
            'prices' => $this->typed['prices'] ?? 'conversion',
            'currency' => $currency->code === $this->stall->currency ? null : $currency->code,
            'ending' => $this->ending($currency),
            'tax_bp' => $this->blank('tax') ? null : StallRules::percent('terms.tax', $this->text('tax')),
            'tax_on_top' => (bool) ($this->typed['taxOnTop'] ?? false),
            'charged_minor' => $this->blank('charged')
                ? null
                : StallRules::amount('terms.charged', $this->text('charged'), $currency->code),
        ];
    }

    private function currency(): Currency
    {
        $code = (string) ($this->typed['currency'] ?? $this->stall->currency);
        if ($code !== $this->stall->currency && ! $this->stall->rates->contains('from', $code)) {
            throw ValidationException::withMessages([
                'terms.currency' => sprintf('There is no exchange rate from %s to %s yet.', $code, $this->stall->currency),
            ]);
        }

        return Currency::of($code);
    }

    /** @return string|null as a market has it, JSON */
    private function ending(Currency $currency): ?string
    {
        if ($this->blank('ending')) {
            return null;
        }
        $part = Money::parse($this->text('ending'), $currency);
        if ($part->isNegative() || $part->minor >= $currency->minorPerUnit()) {
            throw ValidationException::withMessages([
                'terms.ending' => 'An ending is the part below the whole, such as 0.95.',
            ]);
        }

        return json_encode(['part' => $part->digits(), 'direction' => 'up'], JSON_THROW_ON_ERROR);
    }

    private function blank(string $field): bool
    {
        return trim($this->text($field)) === '';
    }

    private function text(string $field): string
    {
        return (string) ($this->typed[$field] ?? '');
    }
}
