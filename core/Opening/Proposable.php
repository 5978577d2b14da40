<?php

declare(strict_types=1);

namespace WindowStall\Core\Opening;

/** A supplier's item that could be among the first goods of a shop. */
final readonly class Proposable
{
    /**
     * @param  int  $id  the item's number
     * @param  int  $fit  how well it answers to what the shop sells, summed over the words that find it
     * @param  int|null  $keep  what one sale keeps at the recipe's price, in minor units; null where it has no price
     * @param  int|null  $least  the least the floor lets it keep, in minor units; null without a floor
     * @param  int  $days  until it is there, at the most
     * @param  int|null  $rating  in tenths; null where nobody rated it
     * @param  int  $cautions  things a careful buyer would notice
     * @param  string  $category  as the supplier files it
     * @param  list<string>  $barcodes  of its variants
     */
    public function __construct(
        public int $id,
        public int $fit,
        public ?int $keep,
        public ?int $least,
        public int $days,
        public ?int $rating,
        public int $cautions,
        public string $category,
        public array $barcodes,
    ) {
    }

    /** Whether a careful seller would take it unseen. */
    public function sound(): bool
    {
        return $this->cautions === 0 && $this->keep !== null && $this->keep > 0 && $this->keep >= ($this->least ?? 0);
    }
}
