<?php

declare(strict_types=1);

namespace WindowStall\Counter\People;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use WindowStall\Counter\Following\Parcel;
use WindowStall\Counter\Letters\Letter;
use WindowStall\Counter\Letters\LetterLine;
use WindowStall\Counter\Order;
use WindowStall\Counter\OrderLine;
use WindowStall\Counter\Papers\OrderPaper;
use WindowStall\Counter\Refunds\Refund;
use WindowStall\Counter\Returns\OrderReturn;
use WindowStall\Counter\Told\TellShopper;
use WindowStall\Reviews\Questions\GoodsQuestion;
use WindowStall\Reviews\Review;
use WindowStall\Stall\Stall;

/** All that a stall keeps about one person, as they may ask for it (Regulation (EU) 2016/679, Articles 15 and 20). */
final class AboutPerson
{
    /** @return Collection<int, Order> the latest first */
    public static function orders(Stall $stall, string $email): Collection
    {
        return Order::query()
            ->with(['lines', 'supplierOrders', 'parcels', 'refunds', 'returns', 'papers'])
            ->where('stall_id', $stall->id)
            ->whereIn('whose', PersonAddresses::of($stall, $email))
            ->orderByDesc('id')
            ->get();
    }

    /** @return list<array{consent: string, where: string, at: string}> what they agreed to, in which words and when */
    public static function consents(Stall $stall, string $email): array
    {
        return array_values(DB::table('sign_ups')
            ->where('stall_id', $stall->id)
            ->whereRaw('lower(email) = ANY(?)', [PersonAddresses::array($stall, $email)])
            ->orderBy('agreed_at')
            ->get()
            ->map(static fn (\stdClass $row): array => [
                'consent' => (string) $row->consent,
                'where' => (string) $row->source,
                'at' => (string) $row->agreed_at,
            ])
            ->all());
    }

    public static function note(Stall $stall, string $email): string
    {
        return (string) DB::table('people_notes')
            ->where('stall_id', $stall->id)
            ->whereIn('email', PersonAddresses::of($stall, $email))
            ->orderByDesc('said_at')
            ->value('words');
    }

    /** @return array<string, mixed> as a file has it */
    public static function all(Stall $stall, string $email): array
    {
        return [
            'stall' => $stall->name,
            'email' => PersonAddresses::main($stall, $email),
            'also' => array_slice(PersonAddresses::of($stall, $email), 1),
            'note' => self::note($stall, $email),
            'agreed_to' => self::consents($stall, $email),
            'orders' => self::orders($stall, $email)->map(self::order(...))->all(),
            'said' => self::said($stall, $email),
            'asked' => self::asked($stall, $email),
            'waits_for' => self::wishes($stall, $email),
            'letters' => Letter::of($stall)
                ->with('lines')
                ->whereIn('whose', PersonAddresses::of($stall, $email))
                ->get()
                ->map(static fn (Letter $letter): array => [
                    'name' => $letter->name,
                    'lines' => $letter->lines->map(static fn (LetterLine $line): array => $line->only(['words', 'ours', 'said_at']))->all(),
                ])
                ->all(),
        ];
    }

    /** @return list<array<string, mixed>> what they said of goods they bought */
    private static function said(Stall $stall, string $email): array
    {
        $orders = Order::query()->where('stall_id', $stall->id)->whereIn('whose', PersonAddresses::of($stall, $email))->select('id');

        return array_values(Review::of($stall)
            ->with('listing')
            ->whereIn('order_id', $orders)
            ->orderBy('id')
            ->get()
            ->map(static fn (Review $said): array => [
                'goods' => (string) $said->listing?->shown_title,
                'stars' => $said->stars,
                'words' => $said->words,
                'name' => $said->name,
                'pictures' => count($said->pictures),
                'answer' => $said->answer,
                'at' => $said->written_at->toIso8601ZuluString(),
            ])
            ->all());
    }

    /** @return list<array<string, mixed>> what they asked about goods and isn't answered; of what is, the address is forgotten */
    private static function asked(Stall $stall, string $email): array
    {
        return array_values(GoodsQuestion::of($stall)
            ->with('listing')
            ->whereRaw('email = ANY(?)', [PersonAddresses::array($stall, $email)])
            ->orderBy('id')
            ->get()
            ->map(static fn (GoodsQuestion $asked): array => [
                'goods' => (string) $asked->listing?->shown_title,
                'words' => $asked->words,
                'others_may_read' => $asked->may_show,
                'at' => $asked->asked_at->toIso8601ZuluString(),
            ])
            ->all());
    }

    /** @return list<array{goods: string, consent: string, at: string}> goods they want to be told of */
    private static function wishes(Stall $stall, string $email): array
    {
        return array_values(DB::table('back_wishes')
            ->join('listings', 'listings.id', '=', 'back_wishes.listing_id')
            ->where('back_wishes.stall_id', $stall->id)
            ->whereRaw('back_wishes.email = ANY(?)', [PersonAddresses::array($stall, $email)])
            ->orderBy('back_wishes.id')
            ->get(['listings.shown_title', 'back_wishes.consent', 'back_wishes.asked_at'])
            ->map(static fn (\stdClass $row): array => [
                'goods' => (string) $row->shown_title,
                'consent' => (string) $row->consent,
                'at' => (string) $row->asked_at,
            ])
            ->all());
    }

    /** @return array<string, mixed> */
    private static function order(Order $order): array
    {
        return [
            'number' => $order->number,
            'placed_at' => $order->created_at->toIso8601ZuluString(),
            'paid_at' => $order->paid_at?->toIso8601ZuluString(),
            'state' => $order->state->value,
            'name' => $order->name,
            'email' => $order->email,
            'phone' => $order->phone,
            'address' => $order->address(),
            'company' => $order->company,
            'tax_number' => $order->tax_number,
            'language' => $order->language,
            'total' => $order->money($order->total_minor)->digits(),
            'currency' => $order->currency,
            'lines' => $order->lines->map(static fn (OrderLine $l): array => ['goods' => $l->name(), 'pieces' => $l->quantity])->all(),
            'parcels' => $order->parcels
                ->map(static fn (Parcel $p): array => $p->only(['carrier', 'tracking', 'posted_at', 'there_at']))
                ->all(),
            'back' => $order->refunds->map(static fn (Refund $r): array => [
                'total' => $order->money($r->total_minor)->digits(),
                'why' => $r->why,
                'at' => $r->asked_at->toIso8601ZuluString(),
            ])->all(),
            'returns' => $order->returns->map(static fn (OrderReturn $r): array => [
                'reason' => $r->reason->value,
                'words' => $r->words,
                'answer' => $r->answer,
                'at' => $r->asked_at->toIso8601ZuluString(),
            ])->all(),
            'papers' => $order->papers->map(static fn (OrderPaper $paper): string => $paper->name())->all(),
            'mailed' => array_map(
                static fn (array $one): array => ['what' => $one['kind']->value, 'at' => $one['at']],
                TellShopper::told($order),
            ),
        ];
    }
}
