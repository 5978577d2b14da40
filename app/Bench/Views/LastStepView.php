<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;

/** What was last done to a listing by a person and stands, and can be taken back for it alone. */
final readonly class LastStepView
{
    private const LAST = <<<'SQL'
        SELECT step.id, step.words, step.created_at, person.name AS who
        FROM bench_change_parts AS part
        JOIN bench_changes AS step ON step.id = part.change_id
        LEFT JOIN users AS person ON person.id = step.user_id
        WHERE part.stall_id = :stall
          AND part.listing_id = :listing
          AND part.undone_at IS NULL
          AND part.before IS NOT NULL
          AND (
              step.apart
              OR NOT EXISTS (
                  SELECT 1 FROM bench_change_parts AS other
                  WHERE other.change_id = step.id AND other.listing_id <> part.listing_id
              )
          )
        ORDER BY step.id DESC
        LIMIT 1
        SQL;

    /** @param  string  $when  how long ago */
    public function __construct(
        public int $change,
        public string $words,
        public string $who,
        public string $when,
    ) {
    }

    public static function of(Listing $listing): ?self
    {
        $step = DB::selectOne(self::LAST, ['stall' => $listing->stall_id, 'listing' => $listing->id]);

        return $step === null
            ? null
            : new self(
                change: (int) $step->id,
                words: ucfirst((string) $step->words),
                who: (string) ($step->who ?? 'the program'),
                when: Carbon::parse((string) $step->created_at)->diffForHumans(),
            );
    }
}
