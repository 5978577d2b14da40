<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use WindowStall\Bench\VariantFigures;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Pricing\Offers\Ladder;
use WindowStall\Core\Pricing\Offers\RungsChosen;
use WindowStall\Support\Speech\Speech;
use WindowStall\Support\Views\MoneyView;

/** A rung of a multi-buy ladder as shoppers read it, with what it comes to on the variant they have chosen. */
final readonly class ShownRung
{
    /**
     * @param  string  $saves  against as many at the price of one; "" where nothing
     * @param  string  $words  what the stall says on it
     * @param  int|null  $chosen  of ten buyers, how many took it, where it is the one most took and enough bought
     */
    private function __construct(
        public int $pieces,
        public Money $total,
        public Money $each,
        public string $saves,
        public bool $best,
        public ?int $chosen,
        public string $words,
    ) {
    }

    /**
     * @param  array<int, int>  $bought  pieces → in how many orders so many were bought
     * @param  array<int, string>  $words  what the stall says on rungs, by their pieces
     * @return list<self> by rising pieces, from one on
     */
    public static function all(?Ladder $ladder, VariantFigures $v, array $bought, array $words = []): array
    {
        $piece = $v->shown;
        if ($ladder === null || $piece === null) {
            return [];
        }
        $climbed = [1, ...array_column($ladder->rungs, 'pieces')];
        $said = RungsChosen::of($climbed, $bought);
        $best = $ladder->bestOf($piece);

        return array_map(static function (int $pieces) use ($ladder, $piece, $said, $best, $words): self {
            $total = $ladder->price($piece, $pieces);
            $saves = $piece->times($pieces)->minus($total);

            return new self(
                pieces: $pieces,
                total: $total,
                each: Money::rounded($total->rational()->dividedBy($pieces), $total->currency),
                saves: $saves->minor > 0 ? MoneyView::text($saves) : '',
                best: $best === $pieces,
                chosen: $said !== null && $said->pieces === $pieces ? $said->ofTen() : null,
                words: $words[$pieces] ?? '',
            );
        }, $climbed);
    }

    /** What shoppers may go by: only what figures say. */
    public function why(): string
    {
        return match (true) {
            $this->chosen !== null => Speech::say('shop.rungs.chosen', count: $this->chosen),
            $this->best => Speech::say('shop.rungs.best'),
            default => '',
        };
    }

    /** @return array{total: string, each: string, saves: string} */
    public function toArray(): array
    {
        return [
            'total' => MoneyView::text($this->total),
            'each' => $this->pieces === 1 ? '' : Speech::say('shop.rungs.each', each: $this->each),
            'saves' => $this->saves === '' ? '' : Speech::say('shop.rungs.saves', saves: $this->saves),
        ];
    }
}
