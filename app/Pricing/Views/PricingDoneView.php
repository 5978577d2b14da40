<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Views;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use WindowStall\Stall\Stall;

/** Something that was done to costs or recipes. */
final readonly class PricingDoneView
{
    private const MOST = 8;

    private const LATELY = <<<'SQL'
        SELECT change.id, change.words, change.applied_at, change.undone_at, person.name AS by
        FROM pricing_changes AS change
        LEFT JOIN users AS person ON person.id = change.user_id
        WHERE change.stall_id = :stall
          AND change.applied_at IS NOT NULL
        ORDER BY change.applied_at DESC, change.id DESC
        LIMIT :most
        SQL;

    /** @param  string  $at  how long ago */
    public function __construct(
        public int $id,
        public string $words,
        public string $at,
        public string $by,
        public bool $undone,
    ) {
    }

    /** @return list<self> the last of them */
    public static function lately(Stall $stall): array
    {
        return array_map(
            static fn (\stdClass $r): self => new self(
                id: (int) $r->id,
                words: (string) $r->words,
                at: Carbon::parse((string) $r->applied_at)->diffForHumans(),
                by: (string) $r->by,
                undone: $r->undone_at !== null,
            ),
            array_values(DB::select(self::LATELY, ['stall' => $stall->id, 'most' => self::MOST])),
        );
    }
}
