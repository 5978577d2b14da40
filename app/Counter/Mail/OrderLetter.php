<?php

declare(strict_types=1);

namespace WindowStall\Counter\Mail;

use Illuminate\Mail\Mailables\Address;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;
use WindowStall\Counter\Order;
use WindowStall\Counter\OrderLine;
use WindowStall\Counter\SupplierOrder;
use WindowStall\Counter\Told\TellKind;
use WindowStall\Stall\Stall;
use WindowStall\Support\Mail\QueuedMail;
use WindowStall\Support\Speech\Speech;
use WindowStall\Window\Policies\Particulars;
use WindowStall\Window\Window;

/** What has become of an order, to its shopper: in the stall's look, as text as well. Facts are read when it goes out. */
final class OrderLetter extends QueuedMail
{
    public function __construct(
        public readonly int $orderId,
        public readonly int $stallId,
        public readonly TellKind $kind,
        public readonly ?int $parcelId,
    ) {
        parent::__construct();
    }

    public function envelope(): Envelope
    {
        [$order, $stall] = $this->read();
        $answers = Particulars::of($stall)->email;

        return new Envelope(
            replyTo: $answers === null ? [] : [new Address($answers, $stall->name)],
            subject: Speech::say('letters.'.$this->kind->value.'.subject', shop: $stall->name, number: (string) $order->number),
        );
    }

    public function content(): Content
    {
        [$order, $stall] = $this->read();
        $window = Window::query()->with('published')->find($stall->id);
        $look = ($window?->publishedContent() ?? $window?->workingContent())?->look;
        $parcel = $this->parcelId === null ? null : SupplierOrder::query()->with('lines')->find($this->parcelId);
        $parcels = $parcel === null ? $order->supplierOrders->all() : [$parcel];

        return new Content(html: 'mail.order', text: 'mail.order-text', with: [
            'about' => $this->kind->value,
            'shop' => $stall->name,
            'look' => $look,
            'order' => $order,
            'parcel' => $parcel,
            'promises' => array_merge(...array_map(
                static fn (SupplierOrder $part): array => $order->promises($part, $stall),
                $parcels,
            )),
            'lines' => ($parcel === null ? $order->lines : $parcel->lines)
                ->map(static fn (OrderLine $line): array => [
                    'words' => $line->quantity.' × '.$line->nameIn($stall),
                    'total' => $line->total($order),
                ])->all(),
            'total' => $order->money($order->total_minor),
            'link' => $stall->shopAddress('/orders/'.$order->token),
            'address' => self::address($stall),
        ]);
    }

    /** @return array{Order, Stall} the stall as its shopper reads it */
    private function read(): array
    {
        $order = Order::query()->with(['lines', 'supplierOrders', 'stall'])->findOrFail($this->orderId);
        $stall = $order->stall ?? throw new \LogicException('An order is always of a stall.');

        return [$order, $stall->speaking($order->language)];
    }

    /** Who writes, as far as they have said. */
    private static function address(Stall $stall): string
    {
        $p = Particulars::of($stall);

        return implode(', ', array_filter(
            [$p->trader, $p->street, trim($p->town.' '.$p->postcode)],
            static fn (?string $of): bool => trim((string) $of) !== '',
        ));
    }
}
