<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors\Feed;

use WindowStall\Core\Feeds\DecimalSign;
use WindowStall\Core\Landing\Quote;
use WindowStall\Core\Money\Currency;
use WindowStall\Source\Connectors\ParcelToQuote;
use WindowStall\Support\Refusal;

/**
 * What a supplier without an interface asks for a parcel, by country and weight, as a person writes it down: a line
 * each of "GB; 2 kg; 4.95; 2-4" (country, up to this weight, price, working days), and if there are several, the
 * method's name.
 */
final readonly class DeliveryTable
{
    private const MOST_LINES = 500;

    /** @param  list<array{to: string, grams: int, price: int, days: array{int, int}, method: string}>  $bands */
    private function __construct(private array $bands)
    {
    }

    /** @throws Refusal naming the line */
    public static function read(string $text, Currency $currency): self
    {
        $lines = preg_split('/\R/', trim($text)) ?: [];
        if (count($lines) > self::MOST_LINES) {
            throw new Refusal(
                sprintf('The delivery table has %d lines; %d is the most.', count($lines), self::MOST_LINES),
            );
        }
        $sign = DecimalSign::of(
            array_merge(...array_map(static fn (string $l): array => preg_split('/[;\t|]/', $l) ?: [], $lines)),
        );
        $bands = [];
        foreach ($lines as $n => $line) {
            if (trim($line) !== '') {
                $bands[] = self::band($n + 1, $line, $currency, $sign);
            }
        }

        return new self($bands);
    }

    /** @return list<Quote> each method's lightest band that still carries the parcel */
    public function quotes(ParcelToQuote $parcel): array
    {
        $best = $this->methods($parcel->destination, $parcel->grams);
        // A parcel of two is twice as heavy: what its band asks more is what the second piece costs.
        $two = $this->methods($parcel->destination, 2 * $parcel->grams);

        return array_values(
            array_map(
                static fn (array $b): Quote => new Quote(
                    $b['method'],
                    $b['price'],
                    ...[
                        ...$b['days'],
                        isset($two[$b['method']]) ? max(0, $two[$b['method']]['price'] - $b['price']) : null,
                    ],
                ),
                $best,
            ),
        );
    }

    /**
     * @return array<string, array{to: string, grams: int, price: int, days: array{int, int}, method: string}> by method
     */
    private function methods(string $to, int $grams): array
    {
        $best = [];
        foreach ($this->bands as $band) {
            if (
                $band['to'] === $to &&
                $band['grams'] >= $grams &&
                (! isset($best[$band['method']]) || $band['grams'] < $best[$band['method']]['grams'])
            ) {
                $best[$band['method']] = $band;
            }
        }

        return $best;
    }

    /** @return array{to: string, grams: int, price: int, days: array{int, int}, method: string} */
    private static function band(int $n, string $line, Currency $currency, DecimalSign $sign): array
    {
        $cells = array_map(trim(...), preg_split('/[;\t|]/', $line) ?: []);
        if (count($cells) < 4 || count($cells) > 5) {
            throw new Refusal(
                sprintf(
                    'Line %d of the delivery table isn’t “country; up to weight; price; days”: %s',
                    $n,
                    mb_strimwidth($line, 0, 60, '…'),
                ),
            );
        }
        [$to, $weight, $price, $days] = $cells;
        $to = strtoupper($to);
        $kilograms = preg_match('/^([\d.,]+)\s*(kg|g)$/i', $weight, $w) === 1 ? $sign->read($w[1]) : null;
        $amount = $sign->read($price);
        if (! \Symfony\Component\Intl\Countries::exists($to)) {
            throw new Refusal(
                sprintf('Line %d of the delivery table: “%s” is no country. Write GB, IE, NL.', $n, $cells[0]),
            );
        }
        if ($kilograms === null) {
            throw new Refusal(
                sprintf('Line %d of the delivery table: “%s” is no weight. Write 2 kg or 500 g.', $n, $weight),
            );
        }
        if ($amount === null || $amount[0] === '-') {
            throw new Refusal(sprintf('Line %d of the delivery table: “%s” is no price.', $n, $price));
        }
        if (preg_match('/^(\d{1,3})(?:\s*(?:-|–|to)\s*(\d{1,3}))?(?:\s*days?)?$/iu', $days, $d) !== 1) {
            throw new Refusal(sprintf('Line %d of the delivery table: “%s” are no days. Write 2-4.', $n, $days));
        }
        $grams = \Brick\Math\BigDecimal::of($kilograms)
            ->multipliedBy(strtolower($w[2]) === 'kg' ? 1000 : 1)
            ->toScale(0, \Brick\Math\RoundingMode::UP)
            ->toInt();
        $minor = \Brick\Math\BigDecimal::of($amount)
            ->multipliedBy($currency->minorPerUnit())
            ->toScale(0, \Brick\Math\RoundingMode::HALF_UP)
            ->toInt();
        $to2 = (int) ($d[2] ?? $d[1]);

        return [
            'to' => $to,
            'grams' => $grams,
            'price' => $minor,
            'days' => [min((int) $d[1], $to2), max((int) $d[1], $to2)],
            'method' => mb_substr($cells[4] ?? 'Parcel', 0, 40),
        ];
    }
}
