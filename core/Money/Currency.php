<?php

declare(strict_types=1);

namespace WindowStall\Core\Money;

/** An ISO 4217 currency, with its number of decimals (ISO 4217 "minor unit": 0, 2 or 3). */
final readonly class Currency
{
    /** Currencies whose minor unit isn't two decimals, from ISO 4217 table A.1. */
    private const DECIMALS = [
        'BIF' => 0,
        'CLP' => 0,
        'DJF' => 0,
        'GNF' => 0,
        'ISK' => 0,
        'JPY' => 0,
        'KMF' => 0,
        'KRW' => 0,
        'PYG' => 0,
        'RWF' => 0,
        'UGX' => 0,
        'VND' => 0,
        'VUV' => 0,
        'XAF' => 0,
        'XOF' => 0,
        'XPF' => 0,
        'BHD' => 3,
        'IQD' => 3,
        'JOD' => 3,
        'KWD' => 3,
        'LYD' => 3,
        'OMR' => 3,
        'TND' => 3,
    ];

    private function __construct(public string $code, public int $decimals)
    {
    }

    /** @throws MoneyUnreadable when the code isn't three capital letters */
    public static function of(string $code): self
    {
        if (preg_match('/^[A-Z]{3}$/D', $code) !== 1) {
            throw MoneyUnreadable::currency($code);
        }

        return new self($code, self::DECIMALS[$code] ?? 2);
    }

    /** How many minor units make one whole: 100 for pounds, 1 for yen, 1000 for dinars. */
    public function minorPerUnit(): int
    {
        return 10 ** $this->decimals;
    }

    /**
     * What people think in when they round a price, in minor units: a whole unit, or a hundred of them where there are
     * no decimals.
     */
    public function roundUnit(): int
    {
        return $this->decimals === 0 ? 100 : $this->minorPerUnit();
    }

    public function is(self $other): bool
    {
        return $this->code === $other->code;
    }
}
