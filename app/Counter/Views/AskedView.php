<?php

declare(strict_types=1);

namespace WindowStall\Counter\Views;

use WindowStall\Counter\Asking\RequestMessage;
use WindowStall\Counter\Asking\SupplierOffer;
use WindowStall\Counter\Asking\SupplierRequest;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;
use WindowStall\Support\Pictures\PictureSizes;
use WindowStall\Support\Views\MoneyView;

/** A request to a supplier: what was written on both sides, and what they offer. */
final readonly class AskedView
{
    /**
     * @param  string  $item  what of theirs it is about; "" where it is something they haven't got
     * @param  list<string>  $facts  "12 pieces", "wished for at £3.00 each"
     * @param  list<AskedLineView>  $said
     * @param  list<SupplierOfferView>  $offers
     */
    public function __construct(
        public int $id,
        public string $supplier,
        public string $about,
        public string $item,
        public string $stands,
        public bool $open,
        public bool $waits,
        public array $facts,
        public ?string $link,
        public ?string $picture,
        public ?string $trouble,
        public array $said,
        public array $offers,
    ) {
    }

    /** @param  SupplierRequest  $request  with its connection, item, variant, messages and offers */
    public static function of(Stall $stall, SupplierRequest $request, int $sold): self
    {
        $clock = Clock::here();
        $offers = array_values($request->offers->map(
            static fn (SupplierOffer $offer): SupplierOfferView => SupplierOfferView::of($stall, $request, $offer, $sold),
        )->all());

        return new self(
            id: $request->id,
            supplier: (string) $request->connection?->name,
            about: ucfirst($request->kind->words()),
            item: trim(($request->item->title ?? '').', '.($request->variant->label ?? ''), ', '),
            stands: $request->state->words(),
            open: $request->state->open(),
            waits: $request->waits() || array_filter(
                $offers,
                static fn (SupplierOfferView $one): bool => $one->state === 'taken' && $one->fetched === false,
            ) !== [],
            facts: array_values(array_filter([
                $request->pieces === null ? '' : $request->pieces.($request->pieces === 1 ? ' piece' : ' pieces'),
                $request->wished_minor === null ? '' : 'wished for at '.MoneyView::text($stall->money($request->wished_minor)).' each',
            ])),
            link: $request->link,
            picture: $request->picture === null ? null : PictureSizes::url($request->picture, 320),
            trouble: $request->trouble,
            said: [
                new AskedLineView(false, $request->words, $clock->near($request->created_at), $request->external_id === null),
                ...array_values($request->messages->map(static fn (RequestMessage $one): AskedLineView => new AskedLineView(
                    $one->theirs,
                    $one->words,
                    $clock->near($one->at),
                    ! $one->theirs && $one->sent_at === null,
                ))->all()),
            ],
            offers: $offers,
        );
    }
}
