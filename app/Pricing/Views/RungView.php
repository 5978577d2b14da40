<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Views;

use WindowStall\Core\Pricing\Offers\RungFigures;
use WindowStall\Support\Views\MoneyView;
use WindowStall\Support\Views\Percent;

/** A rung of a ladder with what it comes to. */
final readonly class RungView
{
    /**
     * @param  string  $climb  what share of buyers must climb for it to pay, in words
     * @param  string|null  $warning  what is wrong with it
     */
    public function __construct(
        public int $pieces,
        public MoneyView $total,
        public MoneyView $perPiece,
        public MoneyView $keep,
        public string $margin,
        public string $climb,
        public ?string $warning,
    ) {
    }

    /** @param  bool  $known  whether the share that buys so many anyway comes from orders */
    public static function of(RungFigures $f, bool $known): self
    {
        $anyway = $known
            ? sprintf('Of your orders, %s were for so many without it.', self::percent($f->anyway))
            : sprintf('No orders tell yet; this takes it that %s would buy so many anyway.', self::percent($f->anyway));

        return new self(
            pieces: $f->pieces,
            total: MoneyView::of($f->till->price),
            perPiece: MoneyView::of($f->perPiece()),
            keep: MoneyView::of($f->till->keep),
            margin: Percent::whole($f->till->marginBp),
            climb: match (true) {
                $f->pieces === 1 => '',
                $f->mustClimb === null => 'It never earns more than selling them one by one.',
                $f->mustClimb === 0 => 'It earns more from the first buyer who takes so many because of it.',
                default => sprintf(
                    'It earns more once %s of all buyers take so many because of it. %s',
                    self::percent($f->mustClimb),
                    $anyway,
                ),
            },
            warning: $f->underFloor
                ? 'This rung falls under the floor.'
                : ($f->keepsLess
                    ? 'This rung keeps less than the one below it.'
                    : null),
        );
    }

    private static function percent(int $bp): string
    {
        return intdiv($bp, 100).'.'.intdiv($bp % 100, 10).'%';
    }
}
