<?php

declare(strict_types=1);

namespace WindowStall\Drift\History;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Core\Drift\Standing;
use WindowStall\Drift\DriftChange;
use WindowStall\Stall\Stall;

/** What was said of a listing by whom and when, and at what price shoppers saw it: newest first. */
final class Timeline
{
    private const MOST = 200;

    private const STEPS = <<<'SQL'
        SELECT step.id, step.words, step.created_at AS at, person.name AS person, part.undone_at
        FROM bench_change_parts AS part
        JOIN bench_changes AS step ON step.id = part.change_id
        LEFT JOIN users AS person ON person.id = step.user_id
        WHERE part.stall_id = :stall
          AND part.listing_id = :listing
        ORDER BY step.id DESC
        LIMIT :most
        SQL;

    private const PRICES = <<<'SQL'
        SELECT asked.asked_at AS at, asked.price_minor, asked.market, sold.label, asked.listing_variant_id
        FROM price_history AS asked
        JOIN listing_variants AS variant ON variant.id = asked.listing_variant_id
        JOIN supplier_variants AS sold ON sold.id = variant.supplier_variant_id
        WHERE COALESCE(variant.listing_id, variant.left_listing_id) = :listing
          AND asked.market = :market
        ORDER BY asked.asked_at DESC
        LIMIT :most
        SQL;

    /** @return list<Moment> */
    public static function of(Stall $stall, Listing $listing): array
    {
        $moments = [
            ...self::suppliers($stall, $listing),
            ...self::people($stall, $listing),
            ...self::prices($stall, $listing),
        ];
        usort($moments, static fn (Moment $a, Moment $b): int => $b->at <=> $a->at);

        return array_slice($moments, 0, self::MOST);
    }

    /** @return list<Moment> */
    private static function suppliers(Stall $stall, Listing $listing): array
    {
        $changes = DriftChange::query()
            ->where('stall_id', $stall->id)
            ->where('listing_id', $listing->id)
            ->with('connection')
            ->orderByDesc('id')
            ->limit(self::MOST)
            ->get();

        return array_values(
            $changes
                ->map(
                    static fn (DriftChange $change): Moment => new Moment(
                        at: $change->at,
                        voice: 'supplier',
                        who: (string) $change->connection?->name,
                        about: match (true) {
                            $change->about === '' => 'The item',
                            $change->variant === '' => $change->about,
                            default => $listing->inOwnNames($change->about),
                        },
                        before: $change->before,
                        after: $change->after,
                        came: self::came($change),
                        settable: $change->canBeSetBack() ? $change->id : null,
                    ),
                )
                ->all(),
        );
    }

    /** What became of it. */
    private static function came(DriftChange $change): string
    {
        return match ($change->standing) {
            Standing::Asks => 'it waits: '.$change->rule,
            Standing::Followed => 'followed: '.$change->rule,
            Standing::Kept => $change->decided_at === null ? 'yours stands: '.$change->rule : 'you kept yours',
            Standing::Agreed => 'you agreed',
            Standing::Settled => $change->decided_at === null ? $change->rule : 'its variant came off the listing',
        };
    }

    /** @return list<Moment> */
    private static function people(Stall $stall, Listing $listing): array
    {
        return array_map(
            static fn (\stdClass $step): Moment => new Moment(
                at: Carbon::parse((string) $step->at),
                voice: 'you',
                who: (string) ($step->person ?? 'the program'),
                about: (string) $step->words,
                came: $step->undone_at === null
                    ? ''
                    : 'taken back '.Carbon::parse((string) $step->undone_at)->diffForHumans(),
            ),
            array_values(
                DB::select(self::STEPS, ['stall' => $stall->id, 'listing' => $listing->id, 'most' => self::MOST]),
            ),
        );
    }

    /** @return list<Moment> what shoppers at home were asked, variant by variant */
    private static function prices(Stall $stall, Listing $listing): array
    {
        $rows = array_reverse(
            DB::select(self::PRICES, [
                'listing' => $listing->id,
                'market' => $stall->home_market,
                'most' => self::MOST,
            ]),
        );
        $before = $moments = [];
        foreach ($rows as $row) {
            $now = $stall->money((int) $row->price_minor)->digits().' '.$stall->currency;
            $moments[] = new Moment(
                at: Carbon::parse((string) $row->at),
                voice: 'shopper',
                who: 'Shoppers',
                about: $row->label === '' ? 'The price' : $listing->inOwnNames((string) $row->label),
                before: $before[$row->listing_variant_id] ?? '',
                after: $now,
            );
            $before[$row->listing_variant_id] = $now;
        }

        return $moments;
    }
}
