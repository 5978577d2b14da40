<?php

declare(strict_types=1);

namespace WindowStall\Counter\Views;

use WindowStall\Counter\Asking\SupplierRequest;
use WindowStall\Stall\Clock;
use WindowStall\Support\Views\MoneyView;

/** Something a supplier was asked for, as a line of the list. */
final readonly class AskedRowView
{
    /**
     * @param  string  $about  "A sample to you: Watering rose, brass"
     * @param  string  $stands  "has an offer: £2.40 each from 50 pieces"
     * @param  bool  $new  whether the supplier said something that wasn't seen yet
     */
    public function __construct(
        public int $id,
        public string $supplier,
        public string $about,
        public string $stands,
        public string $when,
        public bool $new,
        public bool $open,
    ) {
    }

    /** @param  SupplierRequest  $request  with its connection, item, variant, messages, offers and stall */
    public static function of(SupplierRequest $request): self
    {
        $offer = $request->openOffer();
        $stall = $request->stall;

        return new self(
            id: $request->id,
            supplier: (string) $request->connection?->name,
            about: self::about($request),
            stands: $request->state->words().($offer === null || $stall === null ? '' : ': '.sprintf(
                '%s each from %d',
                MoneyView::text($stall->rateFrom($offer->currency)->convert($offer->cost())),
                $offer->pieces,
            )),
            when: Clock::here()->near($request->created_at),
            new: $request->isNew(),
            open: $request->state->open(),
        );
    }

    public static function about(SupplierRequest $request): string
    {
        $title = $request->item->title ?? '';
        $label = $request->variant->label ?? '';

        return ucfirst($request->kind->words()).': '.($title === ''
            ? '“'.mb_strimwidth(strtr($request->words, "\n", ' '), 0, 70, '…').'”'
            : $title.($label === '' ? '' : ', '.$label));
    }
}
