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
