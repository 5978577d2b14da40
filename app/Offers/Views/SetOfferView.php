<?php

declare(strict_types=1);

namespace WindowStall\Offers\Views;

use WindowStall\Offers\SetOffer;
use WindowStall\Support\Views\MoneyView;

/** What a set comes to, while it is composed. */
final readonly class SetOfferView
{
    /**
     * @param  MoneyView|null  $keep  of the set; null where a cost isn't known
     * @param  string  $words  what a seller goes by
     */
    public function __construct(
        public MoneyView $apart,
        public ?MoneyView $keep,
        public ?MoneyView $keepApart,
        public string $words,
    ) {
    }

    public static function of(SetOffer $offer): self
    {
        return new self(
            apart: MoneyView::of($offer->apart),
            keep: $offer->keep === null ? null : MoneyView::of($offer->keep),
            keepApart: $offer->keepApart === null ? null : MoneyView::of($offer->keepApart),
            words: self::words($offer),
        );
    }

    private static function words(SetOffer $offer): string
    {
        return match (true) {
            $offer->missing !== [] => sprintf(
                '%s can’t be bought now, so the set isn’t offered until that changes.',
                self::listed($offer->missing),
            ),
            $offer->price === null => 'Say a price below that, and what the set keeps stands here.',
            ! $offer->isCheaper() => sprintf('Apart they come to %s; a set costs less.', MoneyView::text($offer->apart)),
            $offer->keep === null => 'What one of them costs you isn’t known, so what the set keeps isn’t either.',
            $offer->keep->isNegative() => 'The set loses money.',
            $offer->under !== [] => sprintf(
                '%s would fall under %s floor: the set counts only if you allow that.',
                self::listed($offer->under),
                count($offer->under) === 1 ? 'its' : 'their',
            ),
            default => 'As if each were posted by itself; where one supplier posts several, it keeps more.',
        };
    }

    /** @param  list<string>  $names */
    private static function listed(array $names): string
    {
        $last = (string) array_pop($names);

        return $names === [] ? $last : implode(', ', $names).' and '.$last;
    }
}
