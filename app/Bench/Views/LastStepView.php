<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;

/** What was last done to a listing, or by a person, and stands: it can be taken back. */
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

    private const LAST_BY = <<<'SQL'
        SELECT step.id, step.words, step.created_at, person.name AS who
        FROM bench_changes AS step
        JOIN users AS person ON person.id = step.user_id
        WHERE step.stall_id = :stall
          AND step.user_id = :person
          AND step.undone_at IS NULL
          AND step.words <> 'under way'
          AND step.created_at > :since
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
        return self::said(
            DB::selectOne(self::LAST, ['stall' => $listing->stall_id, 'listing' => $listing->id]),
        );
    }

    /** What a person last did to listings within a day, and stands. */
    public static function by(User $user, Stall $stall): ?self
    {
        return self::said(DB::selectOne(self::LAST_BY, ['stall' => $stall->id, 'person' => $user->id, 'since' => Carbon::now()->subDay()]));
    }

    private static function said(?\stdClass $step): ?self
    {
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
