<?php

declare(strict_types=1);

namespace WindowStall\Core\Dispatch\Refund;

use WindowStall\Core\Money\Rounding;
use WindowStall\Core\Money\Shares;

/**
 * What can still be given back of an order, in parts: each line at its rate of tax, and delivery at each of the rates it bears.
 *
 * Pieces give back what was paid for them: what a code took off them isn't given back, and what codes and free delivery are
 * worth on what stays is left alone. Each refund takes its share of what is left (amount, and tax in proportion, rounded half
 * up once), so no part ever gives more than was paid, and whoever gives everything back, in whatever portions, has given back
 * what was paid and the tax that was charged, to the penny.
 */
final readonly class Refundable
{
    private const DELIVERY = 'delivery ';

    /**
     * @param  array<int, int>  $pieces  left, by line
     * @param  array<string, int>  $parts  minor units left, tax and all: by line ("line 7"), of delivery by rate
     *     ("delivery 200000")
     * @param  array<string, int>  $rateOf  in millionths, of each part
     * @param  array<int, array{paid: int, tax: int}>  $rates  left, by rate
     */
    private function __construct(public array $pieces, private array $parts, private array $rateOf, private array $rates)
    {
    }

    /**
     * @param  list<PaidLine>  $lines
     * @param  int  $delivery  what was asked for it
     * @param  array<int, array{asked: int, tax: int}>  $rates  by the rate in millionths; empty where no tax was charged
     * @param  bool  $onTop  whether the tax was put on top of what was asked, or stood inside
     */
    public static function of(array $lines, int $delivery, array $rates, bool $onTop): self
    {
        $asked = $rateOf = $pieces = [];
        foreach ($lines as $line) {
            $asked[self::line($line->id)] = $line->asked;
            $rateOf[self::line($line->id)] = $rates === [] ? 0 : $line->rate;
            $pieces[$line->id] = $line->pieces;
        }
        $sent = self::deliveryByRate($asked, $rateOf, $delivery, $rates);
        if ($sent === null) {
            // Lines that were written down without their rates: all of it is one.
            $one = (int) array_key_first($rates);
            $rates = [$one => ['asked' => array_sum(array_column($rates, 'asked')), 'tax' => array_sum(array_column($rates, 'tax'))]];
            $rateOf = array_map(static fn (): int => $one, $rateOf);
            $sent = [$one => $delivery];
        }
        foreach (array_filter($sent) as $rate => $share) {
            $asked[self::DELIVERY.$rate] = $share;
            $rateOf[self::DELIVERY.$rate] = $rate;
        }
        $left = [];
        foreach (array_unique($rateOf) as $rate) {
            $mine = array_keys($rateOf, $rate, true);
            $tax = $rates[$rate]['tax'] ?? 0;
            $worth = array_intersect_key($asked, array_flip($mine));
            foreach ($onTop && $tax > 0 && $worth !== [] ? self::shares($tax, $worth) : [] as $part => $share) {
                $asked[$part] += $share;
            }
            $left[$rate] = ['paid' => array_sum(array_intersect_key($asked, array_flip($mine))), 'tax' => $tax];
        }

        return new self($pieces, $asked, $rateOf, $left);
    }

    /** What is left to give back of all of it; minor units. */
    public function left(): int
    {
        return array_sum($this->parts);
    }

    /** What is left of what delivery cost, tax and all. */
    public function delivery(): int
    {
        return array_sum($this->deliveryParts());
    }

    /** @return int what so many pieces of a line would give back; as many as are left at the most */
    public function worth(int $line, int $pieces): int
    {
        $left = $this->pieces[$line] ?? 0;
        $paid = $this->parts[self::line($line)] ?? 0;

        return $left === 0 || $pieces >= $left ? $paid : Rounding::halfUp($paid, $pieces, $left);
    }

    /** All that is left. */
    public function everything(): RefundAsked
    {
        return new RefundAsked(array_filter($this->pieces), $this->delivery());
    }

    /** @throws RefundRefused */
    public function give(RefundAsked $asked): RefundFigures
    {
        $parts = $this->parts;
        $lines = $taken = [];
        foreach (array_filter($asked->pieces) as $id => $pieces) {
            $left = $this->pieces[$id] ?? 0;
            if ($pieces < 0 || $pieces > $left) {
                throw RefundRefused::pieces($id, $left);
            }
            $lines[$id] = $taken[self::line($id)] = $this->worth($id, $pieces);
            $parts[self::line($id)] -= $lines[$id];
        }
        if ($asked->delivery < 0 || $asked->delivery > $this->delivery()) {
            throw RefundRefused::delivery($this->delivery());
        }
        foreach (self::spread($asked->delivery, $this->deliveryParts()) as $part => $share) {
            $taken[$part] = $share;
            $parts[$part] -= $share;
        }
        if ($asked->besides < 0 || $asked->besides > array_sum($parts)) {
            throw RefundRefused::amount(array_sum($parts));
        }
        foreach (self::spread($asked->besides, $parts) as $part => $share) {
            $taken[$part] = ($taken[$part] ?? 0) + $share;
        }
        if ($lines === [] && array_sum($taken) === 0) {
            throw RefundRefused::nothing();
        }

        return new RefundFigures(
            array_filter($asked->pieces),
            $lines,
            $asked->delivery,
            $asked->besides,
            array_filter($taken),
            $this->taxWithin($taken),
        );
    }

    /** What is left after a refund. */
    public function less(RefundFigures $given): self
    {
        $pieces = $this->pieces;
        foreach ($given->pieces as $line => $count) {
            $pieces[$line] = ($pieces[$line] ?? 0) - $count;
        }
        $parts = $this->parts;
        foreach ($given->taken as $part => $minor) {
            $parts[$part] = ($parts[$part] ?? 0) - $minor;
        }
        $rates = $this->rates;
        foreach ($given->rates as $rate => $sums) {
            $rates[$rate] = [
                'paid' => ($rates[$rate]['paid'] ?? 0) - $sums['back'],
                'tax' => ($rates[$rate]['tax'] ?? 0) - $sums['tax'],
            ];
        }

        return new self($pieces, $parts, $this->rateOf, $rates);
    }

    /**
     * @param  array<string, int>  $taken  by part
     * @return array<int, array{back: int, tax: int}> by rate, the highest first
     */
    private function taxWithin(array $taken): array
    {
        $back = [];
        foreach ($taken as $part => $minor) {
            $rate = $this->rateOf[$part];
            $back[$rate] = ($back[$rate] ?? 0) + $minor;
        }
        krsort($back);
        $rates = [];
        foreach (array_filter($back) as $rate => $minor) {
            ['paid' => $paid, 'tax' => $tax] = $this->rates[$rate];
            $rates[$rate] = [
                'back' => $minor,
                'tax' => $minor === $paid ? $tax : Rounding::halfUp($tax, $minor, $paid),
            ];
        }

        return $rates;
    }

    /** @return array<string, int> what is left of delivery, by its rates */
    private function deliveryParts(): array
    {
        return array_filter(
            $this->parts,
            static fn (string $part): bool => str_starts_with($part, self::DELIVERY),
            ARRAY_FILTER_USE_KEY,
        );
    }

    /**
     * What was asked at a rate and isn't goods' is delivery's.
     *
     * @param  array<string, int>  $asked  of the lines
     * @param  array<string, int>  $rateOf  of the lines
     * @param  array<int, array{asked: int, tax: int}>  $rates
     * @return array<int, int>|null minor units by rate; null where the rates don't fit what was asked
     */
    private static function deliveryByRate(array $asked, array $rateOf, int $delivery, array $rates): ?array
    {
        if ($rates === []) {
            return [$delivery];
        }
        $by = [];
        foreach ($rates as $rate => $sums) {
            $goods = array_sum(array_intersect_key($asked, array_flip(array_keys($rateOf, $rate, true))));
            $by[$rate] = $sums['asked'] - $goods;
        }
        $known = array_diff($rateOf, array_keys($rates)) === [];

        return $known && min($by) >= 0 && array_sum($by) === $delivery ? $by : null;
    }

    /**
     * @param  array<string, int>  $over  minor units left, by part
     * @return array<string, int>
     */
    private static function spread(int $amount, array $over): array
    {
        return $amount === 0 || $over === [] ? [] : self::shares($amount, $over);
    }

    /**
     * @param  non-empty-array<string, int>  $weights
     * @return array<string, int>
     */
    private static function shares(int $amount, array $weights): array
    {
        $keys = array_keys($weights);

        return array_combine($keys, Shares::of($amount, array_values($weights)));
    }

    private static function line(int $id): string
    {
        return 'line '.$id;
    }
}
