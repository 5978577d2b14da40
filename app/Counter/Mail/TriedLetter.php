<?php

declare(strict_types=1);

namespace WindowStall\Counter\Mail;

use WindowStall\Counter\Following\Parcel;
use WindowStall\Counter\Order;
use WindowStall\Counter\Refunds\Refund;
use WindowStall\Counter\Returns\OrderReturn;
use WindowStall\Counter\Told\LetterWords;
use WindowStall\Counter\Told\TellKind;
use WindowStall\Stall\Stall;
use WindowStall\Support\Speech\Speech;

/** A letter as the last order of its kind would have got it. */
final class TriedLetter
{
    /** @return array{subject: string, html: string, of: int}|null  null where there is no order of that kind yet */
    public static function of(Stall $stall, TellKind $kind, string $language, ?LetterWords $words): ?array
    {
        [$order, $of] = self::last($stall, $kind);
        if ($order === null) {
            return null;
        }
        $letter = new OrderLetter($order->id, $stall->id, $kind, $of, $words, $language);

        return Speech::in($language, static fn (): array => [
            'subject' => (string) $letter->envelope()->subject,
            'html' => $letter->render(),
            'of' => $order->number,
        ]);
    }

    /** @return array{Order|null, int|null} an order, and the parcel, refund or return it is about */
    private static function last(Stall $stall, TellKind $kind): array
    {
        $about = match (true) {
            $kind === TellKind::Late => Parcel::query()->where('stall_id', $stall->id)->orderByRaw('there_at IS NULL DESC')->latest('id')->first(),
            $kind->ofParcel() => Parcel::query()->where('stall_id', $stall->id)->latest('id')->first(),
            $kind === TellKind::Refunded => Refund::query()->where('stall_id', $stall->id)->where('credited', false)->latest('id')->first(),
            $kind === TellKind::Returned => OrderReturn::query()->where('stall_id', $stall->id)->latest('id')->first(),
            default => null,
        };
        if ($kind === TellKind::Thanks) {
            return [Order::of($stall)->whereNotNull('paid_at')->latest('id')->first(), null];
        }

        return $about === null ? [null, null] : [Order::of($stall)->find($about->order_id), $about->id];
    }
}
