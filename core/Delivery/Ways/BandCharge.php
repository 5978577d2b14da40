<?php

declare(strict_types=1);

namespace WindowStall\Core\Delivery\Ways;

use WindowStall\Core\Money\Money;

/** By weight, or by what the goods are sold for: so much up to one mark, so much up to the next, so much beyond the last. */
final readonly class BandCharge implements Charge
{
    /**
     * @param  list<array{upTo: int, amount: Money}>  $bands  marks rising, each included; grams, or minor units
     * @param  Money  $beyond  above the last mark
     */
    public function __construct(public BandsOf $by, public array $bands, public Money $beyond)
    {
        $marks = array_column($bands, 'upTo');
        $rising = $marks;
        sort($rising);
        if ($marks !== $rising || count(array_unique($marks)) < count($marks)) {
            throw new \InvalidArgumentException('Marks of bands rise.');
        }
    }

    /** What weighs nobody knows how much is charged like the heaviest. */
    public function of(Load $load): Money
    {
        $measure = $this->by === BandsOf::Weight ? $load->grams ?? PHP_INT_MAX : $load->goods->minor;
        foreach ($this->bands as $band) {
            if ($measure <= $band['upTo']) {
                return $band['amount'];
            }
        }

        return $this->beyond;
    }

    public function least(): Money
    {
        $least = $this->beyond;
        foreach ($this->bands as $band) {
            $least = $band['amount']->compare($least) < 0 ? $band['amount'] : $least;
        }

        return $least;
    }
}
