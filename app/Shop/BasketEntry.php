<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use WindowStall\Bench\Pictures\Picture;
use WindowStall\Bench\VariantFigures;
use WindowStall\Core\Basket\BasketLine;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Pricing\Offers\Ladder;
use WindowStall\Core\Tax\TaxClass;
use WindowStall\Support\Views\MoneyView;

/** One line of a basket with what is known of it now. */
final readonly class BasketEntry
{
    /**
     * @param  string  $chosen  what the shopper chose, "Red · M"; "" where there was nothing to choose
     * @param  int  $available  pieces that can be had; 0 when it isn't shown any more
     * @param  Money|null  $seen  what one piece cost when the shopper chose it
     * @param  string|null  $seenDays  how soon it would have come then, in words
     * @param  list<string>  $tags  of its listing
     * @param  int  $floor  the least that one piece may be sold for, in minor units
     * @param  TaxClass  $taxClass  how it is taxed
     * @param  string|null  $notTo  the market it isn't sold to, in a sentence; null where it is
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
        public ?Money $seen = null,
        public ?string $seenDays = null,
        public array $tags = [],
        public int $listing = 0,
        public int $floor = 0,
        public ?string $notTo = null,
        public TaxClass $taxClass = TaxClass::Standard,
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

    /** What is said of it now, for the form it is changed by. */
    public function seenAs(): string
    {
        return $this->unit->currency->code.$this->unit->minor.' '.$this->variant->days?->words();
    }

    /** @return list<string> what is otherwise now than when the shopper chose it */
    public function moved(): array
    {
        // What was seen in another market isn't what moved.
        $elsewhere = $this->seen !== null && ! $this->seen->currency->is($this->unit->currency);
        if ($this->available === 0 || $elsewhere) {
            return [];
        }
        $days = $this->variant->days?->words();

        return array_values(array_filter([
            $this->seen === null || $this->seen->minor === $this->unit->minor ? null : sprintf(
                '%s now costs %s. It was %s when you chose it.',
                $this->name(),
                MoneyView::text($this->unit),
                MoneyView::text($this->seen),
            ),
            $this->seenDays === null || $days === null || $days === $this->seenDays ? null : sprintf(
                '%s now comes in %s. It was %s when you chose it.',
                $this->name(),
                $days,
                $this->seenDays,
            ),
        ]));
    }

    public function trouble(): ?string
    {
        return match (true) {
            $this->notTo !== null => sprintf(
                '%s isn’t sold to %s. Take it out of the basket to go on.',
                $this->name(),
                $this->notTo,
            ),
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
