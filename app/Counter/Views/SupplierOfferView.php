<?php

declare(strict_types=1);

namespace WindowStall\Counter\Views;

use WindowStall\Core\Dispatch\Asking\AheadOutlook;
use WindowStall\Core\Dispatch\Asking\OfferState;
use WindowStall\Core\Dispatch\Asking\WishKind;
use WindowStall\Core\Money\Money;
use WindowStall\Counter\Asking\SupplierOffer;
use WindowStall\Counter\Asking\SupplierRequest;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Stall;
use WindowStall\Support\Views\MoneyView;

/** What a supplier offers, in the stall's money, with what it comes to. */
final readonly class SupplierOfferView
{
    /**
     * @param  string  $sentence  "£2.53 each from 50 pieces, £31.60 once, ready in 5 working days."
     * @param  list<string>  $figures  what that means, computed
     * @param  string  $button  what taking it does; "" where it can't be taken
     * @param  string  $became  what came of it
     * @param  bool  $fetched  whether what it became is here, or it became nothing that could be
     * @param  int|null  $item  ours, that it became; null where there is none (yet)
     */
    public function __construct(
        public int $id,
        public string $words,
        public string $sentence,
        public array $figures,
        public string $state,
        public string $button,
        public string $became,
        public ?int $item,
        public bool $fetched,
    ) {
    }

    /** @param  int  $sold  pieces of that variant sold in the last 28 days */
    public static function of(Stall $stall, SupplierRequest $request, SupplierOffer $offer, int $sold): self
    {
        $rate = $stall->rateFrom($offer->currency);
        $cost = $rate->convert($offer->cost());
        $once = $rate->convert($offer->once());
        $item = $offer->item === null ? null : SupplierItem::query()
            ->where('connection_id', $request->connection_id)
            ->where('external_id', $offer->item)
            ->value('id');

        return new self(
            id: $offer->id,
            words: $offer->words,
            sentence: self::sentence($request->kind, $offer, $cost, $once),
            figures: $offer->state === OfferState::Withdrawn ? [] : self::figures($stall, $request, $offer, $cost, $once, $sold),
            state: $offer->wanted_at !== null && $offer->state === OfferState::Open ? 'wanted' : $offer->state->value,
            button: $offer->state !== OfferState::Open || $offer->wanted_at !== null || ! $request->state->open() ? '' : match ($request->kind) {
                WishKind::Goods, WishKind::Change => 'Take it: it becomes an item of theirs',
                WishKind::Sample => 'Take it: it is sent to you',
                WishKind::Ahead => sprintf('Buy %d ahead for %s', $offer->pieces, MoneyView::text($cost->times($offer->pieces)->plus($once))),
            },
            became: self::became($request, $offer, is_int($item)),
            item: is_int($item) ? $item : null,
            fetched: $offer->item === null || is_int($item),
        );
    }

    private static function sentence(WishKind $kind, SupplierOffer $offer, Money $cost, Money $once): string
    {
        return implode(', ', array_filter([
            match ($kind) {
                WishKind::Change => MoneyView::text($cost).' more for each piece',
                WishKind::Ahead => sprintf('%s each for %d pieces', MoneyView::text($cost), $offer->pieces),
                default => MoneyView::text($cost).' each'.($offer->pieces > 1 ? ' from '.$offer->pieces.' pieces' : ''),
            },
            $once->minor === 0 ? '' : MoneyView::text($once).' once',
            sprintf('ready in %d working %s', $offer->days, $offer->days === 1 ? 'day' : 'days'),
        ])).'.';
    }

    /** @return list<string> */
    private static function figures(
        Stall $stall,
        SupplierRequest $request,
        SupplierOffer $offer,
        Money $cost,
        Money $once,
        int $sold,
    ): array {
        $figures = [];
        if ($request->wished_minor !== null) {
            $more = $cost->minor - $request->wished_minor;
            $by = MoneyView::text($stall->money(abs($more)));
            $figures[] = match (true) {
                $more > 0 => sprintf('That is %s above the %s you wished for.', $by, MoneyView::text($stall->money($request->wished_minor))),
                $more < 0 => sprintf('That is %s below the %s you wished for.', $by, MoneyView::text($stall->money($request->wished_minor))),
                default => 'That is what you wished for.',
            };
        }
        $now = $request->variant?->goods_minor;
        if ($request->kind === WishKind::Ahead && $now !== null) {
            $outlook = AheadOutlook::of($stall->money($now), $cost, $offer->pieces, $once, $sold, 28);
            $figures[] = sprintf(
                '%s than at %s a piece today%s.',
                $outlook->saves->isNegative()
                    ? MoneyView::text($outlook->saves->with(-$outlook->saves->minor)).' more'
                    : MoneyView::text($outlook->saves).' less',
                MoneyView::text($stall->money($now)),
                $outlook->even === null || $outlook->even === 0 ? '' : sprintf('; it has paid for itself after %d', $outlook->even),
            );
            $figures[] = $outlook->lasts === null
                ? 'None were sold in the last 28 days, so nobody can say how long they last.'
                : sprintf('At the %d sold in the last 28 days they last %d days.', $sold, $outlook->lasts);
        }

        return $figures;
    }

    private static function became(SupplierRequest $request, SupplierOffer $offer, bool $here): string
    {
        return match (true) {
            $offer->state !== OfferState::Taken => '',
            $offer->item !== null => $here ? 'It is among their goods now, for your stall only.' : 'It is being fetched from them.',
            $offer->order !== null => 'Their order '.$offer->order.($offer->order_stands === '' ? '' : ': '.$offer->order_stands).'.',
            $request->kind === WishKind::Ahead => 'They keep these for you; orders use them up first, at that cost.',
            default => '',
        };
    }
}
