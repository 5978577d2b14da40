<?php

declare(strict_types=1);

namespace WindowStall\Counter\Mail;

use Illuminate\Mail\Mailables\Address;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;
use Illuminate\Support\Facades\DB;
use Throwable;
use WindowStall\Core\Dispatch\Returns\ReturnState;
use WindowStall\Core\Dispatch\Told\FactWords;
use WindowStall\Core\Money\Money;
use WindowStall\Counter\Following\Parcel;
use WindowStall\Counter\Following\Parcels;
use WindowStall\Counter\Order;
use WindowStall\Counter\OrderLine;
use WindowStall\Counter\Refunds\Refund;
use WindowStall\Counter\Returns\OrderReturn;
use WindowStall\Counter\Told\LetterWords;
use WindowStall\Counter\Told\OrderFacts;
use WindowStall\Counter\Told\TellKind;
use WindowStall\Stall\OneStall;
use WindowStall\Stall\Stall;
use WindowStall\Support\Mail\QueuedMail;
use WindowStall\Support\Speech\Speech;
use WindowStall\Support\Speech\Spoken;
use WindowStall\Window\Policies\Particulars;
use WindowStall\Window\Window;

/** What has become of an order, to its shopper: in the stall's look, as text as well. Facts are read when it goes out. */
final class OrderLetter extends QueuedMail
{
    /**
     * @param  int|null  $of  the number of the parcel or the refund it is about
     * @param  LetterWords|null  $tried  words that aren't kept yet, to be looked at
     * @param  string|null  $in  the language it is looked at in; null for its shopper's
     */
    public function __construct(
        public readonly int $orderId,
        public readonly int $stallId,
        public readonly TellKind $kind,
        public readonly ?int $of,
        private readonly ?LetterWords $tried = null,
        private readonly ?string $in = null,
    ) {
        parent::__construct();
    }

    public function envelope(): Envelope
    {
        [$order, $stall] = $this->read();
        $answers = Particulars::of($stall)->email;

        return new Envelope(
            replyTo: $answers === null ? [] : [new Address($answers, $stall->name)],
            subject: $this->saidSubject($order, $stall),
        );
    }

    private function saidSubject(Order $order, Stall $stall): string
    {
        $own = FactWords::fill((string) $this->own($order, $stall)?->subject, $this->facts($order, $stall));

        return $own !== '' ? $own : Speech::say(
            'letters.'.$this->kind->value.'.subject',
            shop: $stall->name,
            number: (string) $order->number,
        );
    }

    private function own(Order $order, Stall $stall): ?LetterWords
    {
        return $this->tried ?? LetterWords::of($stall, $this->kind, $this->in ?? $order->language);
    }

    /** @return array<string, string> */
    private function facts(Order $order, Stall $stall): array
    {
        $parcel = $this->parcel();

        return OrderFacts::of($stall, $order, $parcel, $this->refund(), $parcel === null ? null : self::by($stall, $parcel));
    }

    private function parcel(): ?Parcel
    {
        return $this->kind->ofParcel() ? Parcel::query()->find($this->of) : null;
    }

    private function refund(): ?Refund
    {
        return $this->kind === TellKind::Refunded ? Refund::query()->find($this->of) : null;
    }

    /** Nobody takes it: it is said on the order, and by the desk. */
    public function failed(Throwable $trouble): void
    {
        OneStall::within($this->stallId, fn (): int => DB::table('order_mails')
            ->where('order_id', $this->orderId)
            ->where('kind', $this->kind->value)
            ->where('of', $this->of ?? 0)
            ->update(['failed_at' => now(), 'trouble' => mb_substr(trim($trouble->getMessage()), 0, 300)]));
    }

    public function content(): Content
    {
        [$order, $stall] = $this->read();
        $own = $this->own($order, $stall)->words ?? '';
        $uses = FactWords::names($own);
        $window = Window::query()->with('published')->find($stall->id);
        $look = ($window?->publishedContent() ?? $window?->workingContent())?->look;
        $parcel = $this->parcel();
        $return = $this->kind === TellKind::Returned ? OrderReturn::query()->with('exchange.lines')->find($this->of) : null;
        $refund = $this->refund();

        return new Content(html: 'mail.order', text: 'mail.order-text', with: [
            'about' => $this->kind->value,
            'shop' => $stall->name,
            'look' => $look,
            'order' => $order,
            'parcel' => $parcel,
            'promises' => $order->promises($parcel === null ? $order->lines : $parcel->linesOf($order), $stall),
            'by' => $parcel === null ? null : self::by($stall, $parcel),
            'lines' => $refund?->figures === null
                ? self::lines($order, $stall, $parcel)
                : self::refunded($order, $stall, $refund),
            'total' => in_array($this->kind, [TellKind::Thanks, TellKind::Refunded], true)
                ? $order->money($refund->total_minor ?? $order->total_minor)
                : null,
            'why' => $refund->why ?? $return->answer ?? '',
            'own' => FactWords::fill($own, $this->facts($order, $stall)),
            // What their own words name already isn't said twice.
            'uses' => $uses,
            'words' => $return === null ? null : self::returned($order, $stall, $return),
            'link' => $stall->shopAddress('/orders/'.$order->token.($this->kind === TellKind::Said ? '/said' : '')),
            'leads' => $this->kind === TellKind::Said
                ? Speech::say('letters.said.leads')
                : Speech::say('letters.order_page', number: (string) $order->number),
            'address' => self::address($stall),
        ]);
    }

    /** @return list<array{words: string, total: Money}> */
    private static function lines(Order $order, Stall $stall, ?Parcel $parcel): array
    {
        return array_values(($parcel === null ? $order->lines : $parcel->linesOf($order))
            ->map(static fn (OrderLine $line): array => [
                'words' => ($parcel->pieces[$line->id] ?? $line->quantity).' × '.$line->nameIn($stall),
                'total' => $line->total($order),
            ])->all());
    }

    /** What its shopper is answered. */
    private static function returned(Order $order, Stall $stall, OrderReturn $return): string
    {
        $goods = $return->goodsIn($order, $stall);

        return match ($return->state) {
            ReturnState::Awaited => Speech::say('till.back.send', goods: $goods, address: $return->to),
            ReturnState::Kept => Speech::say('till.back.keep', goods: $goods),
            ReturnState::Refused => Speech::say('till.back.refused', goods: $goods),
            ReturnState::Arrived => Speech::say('till.back.arrived', goods: $goods),
            ReturnState::Exchanged => $return->saidInstead($order, $stall),
            ReturnState::Asked => Speech::say('till.back.asked', goods: $goods),
        };
    }

    /** By which day such parcels were there; null where nothing is known of them. */
    private static function by(Stall $stall, Parcel $parcel): ?string
    {
        $by = Parcels::outlook($stall, $parcel)?->by;

        return $by === null ? null : Spoken::day($by->setTimezone(new \DateTimeZone($stall->zone)));
    }

    /** @return list<array{words: string, total: Money}> what a refund is of */
    private static function refunded(Order $order, Stall $stall, Refund $refund): array
    {
        $lines = [];
        foreach ($refund->figures['lines'] ?? [] as $id => $minor) {
            $lines[] = [
                'words' => ($refund->pieces[$id] ?? 0).' × '.$order->lines->firstWhere('id', $id)?->nameIn($stall),
                'total' => $order->money($minor),
            ];
        }
        foreach (['delivery', 'besides'] as $part) {
            if (($refund->figures[$part] ?? 0) > 0) {
                $lines[] = ['words' => Speech::say('till.sums.'.$part), 'total' => $order->money($refund->figures[$part])];
            }
        }

        return $lines;
    }

    /** @return array{Order, Stall} the stall as its shopper reads it */
    private function read(): array
    {
        $order = Order::query()->with(['lines', 'supplierOrders', 'stall'])->findOrFail($this->orderId);
        $stall = $order->stall ?? throw new \LogicException('An order is always of a stall.');

        return [$order, $stall->speaking($this->in ?? $order->language)];
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
