<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use WindowStall\Bench\Pictures\Picture;
use WindowStall\Bench\VariantFigures;
use WindowStall\Core\Basket\BasketLine;
use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Pricing\Offers\Ladder;
use WindowStall\Core\Source\Giving;
use WindowStall\Core\Tax\TaxClass;
use WindowStall\Support\Speech\Speech;
use WindowStall\Support\Speech\Spoken;

/** One line of a basket with what is known of it now. */
final readonly class BasketEntry
{
    /**
     * @param  string  $chosen  what the shopper chose, "Red · M", in the language they read; "" where there was nothing to
     *                          choose
     * @param  string  $title  in that language, too
     * @param  int  $available  pieces that can be had; 0 when it isn't shown any more
     * @param  Money|null  $seen  what one piece cost when the shopper chose it
     * @param  DayRange|null  $seenDays  how soon it would have come then
     * @param  list<string>  $tags  of its listing
     * @param  int  $floor  the least that one piece may be sold for, in minor units
     * @param  TaxClass  $taxClass  how it is taxed
     * @param  string  $ownTitle  as the seller says it
     * @param  string  $ownChosen  likewise
     * @param  Money|null  $mixed  what it comes to where it climbs a ladder together with others
     * @param  bool  $grownUp  whether it is sold to grown-ups only
     * @param  Giving|null  $giving  how it reaches the shopper where it isn't posted
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
        public ?DayRange $seenDays = null,
        public array $tags = [],
        public int $listing = 0,
        public int $floor = 0,
        public ?string $notTo = null,
        public TaxClass $taxClass = TaxClass::Standard,
        public string $ownTitle = '',
        public string $ownChosen = '',
        private ?Money $mixed = null,
        public ?Giving $giving = null,
        public bool $grownUp = false,
    ) {
    }

    /** The same where its pieces count towards a ladder together with others of the same goods. */
    public function mixed(Money $total): self
    {
        return new self(...array_replace(get_object_vars($this), ['mixed' => $total]));
    }

    public function name(): string
    {
        return $this->title.($this->chosen === '' ? '' : ', '.$this->chosen);
    }

    public function line(): BasketLine
    {
        return new BasketLine($this->unit, $this->quantity, $this->ladder, $this->mixed);
    }

    public function total(): Money
    {
        return $this->line()->total();
    }

    /** What is said of it now, for the form it is changed by. */
    public function seenAs(): string
    {
        return $this->unit->currency->code.$this->unit->minor.' '.$this->variant->days?->write();
    }

    /** @return list<string> what is otherwise now than when the shopper chose it */
    public function moved(): array
    {
        // What was seen in another market isn't what moved.
        $elsewhere = $this->seen !== null && ! $this->seen->currency->is($this->unit->currency);
        if ($this->available === 0 || $elsewhere) {
            return [];
        }
        $days = $this->variant->days;

        return array_values(array_filter([
            $this->seen === null || $this->seen->minor === $this->unit->minor ? null : Speech::say(
                'till.moved.price',
                name: $this->name(),
                now: $this->unit,
                then: $this->seen,
            ),
            $this->seenDays === null || $days === null || $days->write() === $this->seenDays->write() ? null : Speech::say(
                'till.moved.days',
                name: $this->name(),
                now: Spoken::days($days),
                then: Spoken::days($this->seenDays),
            ),
        ]));
    }

    public function trouble(): ?string
    {
        return match (true) {
            $this->notTo !== null => Speech::say('till.stops.not_sold', name: $this->name(), country: $this->notTo),
            $this->available === 0 => Speech::say('till.stops.sold_out', name: $this->name()),
            $this->available < $this->quantity => Speech::say(
                'till.stops.few',
                count: $this->available,
                name: $this->name(),
            ),
            default => null,
        };
    }
}
