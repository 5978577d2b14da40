<?php

declare(strict_types=1);

namespace WindowStall\Counter\Cards;

use Illuminate\Support\Facades\RateLimiter;
use WindowStall\Core\Giving\CardCode;
use WindowStall\Core\Giving\CardMoney;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Source\Giving;
use WindowStall\Shop\Basket;
use WindowStall\Shop\BasketContents;
use WindowStall\Shop\BasketEntry;
use WindowStall\Stall\Stall;

/** The gift cards that were typed at a checkout, and what each pays. */
final readonly class CardsAtTill
{
    private const MOST = 5;

    /** Codes that are none, which one machine may try in an hour. */
    private const TRIES = 20;

    /**
     * @param  array<int, int>  $pays  by card, minor units of the basket's currency
     * @param  array<int, string>  $ends  the ends of their codes
     */
    private function __construct(public array $pays, public array $ends, private Money $total)
    {
    }

    public static function of(Stall $stall, ?Basket $basket, BasketContents $contents): self
    {
        $total = $contents->totals->total;
        $typed = $basket === null ? [] : $basket->gift_cards;
        $cards = GiftCard::of($stall)->whereKey($typed)->where('currency', $total->currency->code)->get()->keyBy('id');
        $ids = array_values(array_filter($typed, static fn (int $id): bool => $cards->has($id)));
        // A card buys no card: its money would never be spent.
        $besides = array_sum(array_map(
            static fn (BasketEntry $e): int => $e->giving === Giving::GiftCard ? $e->total()->minor : 0,
            $contents->entries,
        ));

        return new self(
            CardMoney::pay(max(0, $total->minor - $besides), CardBalance::of($ids, $basket?->id)),
            $cards->map(static fn (GiftCard $card): string => $card->end())->all(),
            $total,
        );
    }

    /** Takes a card whose code was typed; whether there was one. */
    public static function take(Stall $stall, Basket $basket, string $typed, string $machine): bool
    {
        $code = CardCode::read($typed);
        $key = 'gift-card:'.$stall->id.':'.$machine;
        if ($code === null || RateLimiter::tooManyAttempts($key, self::TRIES)) {
            return false;
        }
        $card = GiftCard::find($stall, $code);
        if ($card === null || (CardBalance::of([$card->id])[$card->id] ?? 0) <= 0) {
            RateLimiter::hit($key, 3_600);

            return false;
        }
        $basket->update(['gift_cards' => array_slice(array_values(array_unique([...$basket->gift_cards, $card->id])), -self::MOST)]);

        return true;
    }

    public function paid(): Money
    {
        return $this->total->with(array_sum($this->pays));
    }

    /** What is paid besides. */
    public function left(): Money
    {
        return $this->total->minus($this->paid());
    }
}
