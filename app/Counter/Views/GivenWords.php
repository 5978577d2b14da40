<?php

declare(strict_types=1);

namespace WindowStall\Counter\Views;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Source\Giving;
use WindowStall\Core\Words\Plural;
use WindowStall\Counter\Cards\CardBalance;
use WindowStall\Counter\Cards\GiftCard;
use WindowStall\Counter\Giving\GivenFile;
use WindowStall\Counter\Order;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;
use WindowStall\Support\Views\MoneyView;

/** What became of the lines of an order that aren't posted: how often a file was fetched, what is left on gift cards. */
final class GivenWords
{
    /**
     * @param  Order  $order  with its lines
     * @return array<int, string> by line; none for what is posted
     */
    public static function of(Stall $stall, Order $order): array
    {
        return $order->lines->whereNotNull('giving')->isEmpty() ? [] : self::files($stall, $order) + self::cards($order);
    }

    /** @return array<int, string> */
    private static function files(Stall $stall, Order $order): array
    {
        $clock = Clock::of($stall);
        $last = DB::table('file_fetches')
            ->whereIn('order_line_id', $order->lines->modelKeys())
            ->groupBy('order_line_id')
            ->selectRaw('order_line_id, max(fetched_at) AS at')
            ->pluck('at', 'order_line_id');
        $words = [];
        foreach (GivenFile::all($order) as $file) {
            $at = $last->get($file->line->id);
            $words[$file->line->id] = (is_string($at)
                ? 'Fetched '.Plural::spoken($file->fetched, 'time').', last '.$clock->moment(Carbon::parse($at))
                : 'Not fetched yet').', '.$file->left.' more until '.$clock->day(Carbon::parse($file->until)).'.';
        }

        return $words;
    }

    /** @return array<int, string> */
    private static function cards(Order $order): array
    {
        $cards = GiftCard::query()
            ->whereIn('order_line_id', $order->lines->where('giving', Giving::GiftCard)->modelKeys())
            ->orderBy('id')
            ->get();
        $left = CardBalance::of(array_values(array_map(intval(...), $cards->modelKeys())));
        $words = [];
        foreach ($cards as $card) {
            $stands = isset($left[$card->id])
                ? MoneyView::text(Money::of($left[$card->id], $card->currency)).' left'
                : 'ended';
            $words[(int) $card->order_line_id][] = 'Card ending '.$card->end().': '.$stands.'.';
        }

        return array_map(static fn (array $each): string => implode(' ', $each), $words);
    }
}
