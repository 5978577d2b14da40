<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use WindowStall\Bench\Pictures\Picture;
use WindowStall\Bench\VariantFigures;
use WindowStall\Core\Basket\BasketLine;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Pricing\Offers\Ladder;

/** One line of a basket with what is known of it now. */
final readonly class BasketEntry
{
    /**
     * @param  string  $chosen  what the shopper chose, "Red · M"; "" where there was nothing to choose
     * @param  int  $available  pieces that can be had; 0 when it isn't shown any more
     */
    public function __construct(
        public int $id,
        public VariantFigures $variant,
        public string $chosen,
        public string $title,
        public string $url,
        public ?Picture $picture,
        public int $quantity,
        public int $available,
        public Money $unit,
        public ?Ladder $ladder = null,
    ) {
    }

    public function name(): string
    {
        return $this->title.($this->chosen === '' ? '' : ', '.$this->chosen);
    }

    public function line(): BasketLine
    {
        return new BasketLine($this->unit, $this->quantity, $this->ladder);
    }

    public function total(): Money
    {
        return $this->line()->total();
    }

    public function trouble(): ?string
    {
        return match (true) {
            $this->available === 0 => sprintf('%s has sold out. Take it out of the basket to go on.', $this->name()),
            $this->available < $this->quantity => sprintf(
                'Only %d of %s are left. Change the number to go on.',
                $this->available,
                $this->name(),
            ),
            default => null,
        };
    }
}
