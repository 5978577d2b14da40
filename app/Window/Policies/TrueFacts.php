<?php

declare(strict_types=1);

namespace WindowStall\Window\Policies;

use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingState;
use WindowStall\Core\Policies\PolicyFacts;
use WindowStall\Core\Policies\Withdrawal;
use WindowStall\Shelves\ShelfGoods;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\Places;
use WindowStall\Stall\Terms\SaidDelivery;
use WindowStall\Stall\Terms\ShopMarket;
use WindowStall\Support\Speech\Spoken;
use WindowStall\Window\Goods\WindowGoods;
use WindowStall\Window\Scripts\ShopScripts;
use WindowStall\Window\Trying\Trial;
use WindowStall\Window\Window;
use WindowStall\Window\Written\WrittenPage;

/** How a stall is set up at this moment, as its policies tell it in the market that its shop is seen from. */
final class TrueFacts
{
    private const POSTED_FROM = <<<'SQL'
        SELECT DISTINCT country.code
        FROM goods_facts AS facts
        CROSS JOIN LATERAL unnest(facts.posted_from) AS country (code)
        WHERE facts.stall_id = ?
        ORDER BY country.code
        SQL;

    public static function of(Stall $stall): PolicyFacts
    {
        $p = Particulars::of($stall);
        $said = static fn (?string $text): ?string => $text === null || trim($text) === '' ? null : trim($text);
        $posted = array_column(DB::select(self::POSTED_FROM, [$stall->id]), 'code');
        $delivery = SaidDelivery::of($stall);

        return new PolicyFacts(
            shop: $stall->name,
            trader: $said($p->trader),
            street: $said($p->street),
            town: $said($p->town),
            postcode: $said($p->postcode),
            country: $stall->country,
            email: $said($p->email),
            phone: $said($p->phone),
            register: $said($p->register),
            taxNumber: $said($p->tax_number),
            byLaw: Withdrawal::leastDays($stall->country) > 0,
            sendsTo: Places::countries($stall),
            postsFrom: array_values(array_map(strval(...), $posted)),
            days: WindowGoods::of($stall)->days(),
            delivery: $delivery->charge,
            freeOver: $delivery->freeOver,
            promiseDays: $stall->promise_days,
            taxOnTop: ! $stall->terms($stall->seen()->country)->tax->included,
            printed: ShelfGoods::all($stall)->where('facts.printed', true)->exists(),
            returnDays: $p->return_days,
            returnBy: $p->return_by,
            keepYears: $p->keep_years,
            letters: self::letters($stall),
            form: WrittenPage::withForm($stall)->exists(),
            besides: $p->besides,
            speaks: count(ShopMarket::spoken($stall)) > 1,
            asksPhone: self::asksPhone($stall),
            halves: Trial::now($stall)?->runs() ?? false,
            scripts: Spoken::all(array_column(ShopScripts::of($stall)->all, 'name')),
            grownUps: Listing::of($stall)->where('state', ListingState::InWindow)->where('own_grown_up', true)->exists(),
        );
    }

    private static function asksPhone(Stall $stall): bool
    {
        foreach (Places::of($stall) as $terms) {
            foreach ($terms->ways as $way) {
                if ($way->phone) {
                    return true;
                }
            }
        }

        return false;
    }

    private static function letters(Stall $stall): bool
    {
        $content = Window::query()->with('published')->find($stall->id)?->publishedContent();
        foreach ($content->sections ?? [] as $section) {
            if ($section->kind->key() === 'signup') {
                return true;
            }
        }

        return false;
    }
}
