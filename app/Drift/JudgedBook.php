<?php

declare(strict_types=1);

namespace WindowStall\Drift;

use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Stall\Stall;

/**
 * What comes of judging many listings, written at once: changes by one statement, and those listings whose words moved
 * on and nothing else by another. What changes a listing's make-up is done to it on the spot.
 */
final class JudgedBook
{
    /** Rows of one statement; PostgreSQL takes 65,535 values. */
    private const AT_ONCE = 1_000;

    private const MOVE_ON = <<<'SQL'
        UPDATE listings AS listing
        SET agreed_words_id = judged.words, updated_at = now()
        FROM unnest(:listings::bigint[], :words::bigint[]) AS judged (id, words)
        WHERE judged.id = listing.id
        SQL;

    /** @var list<array<string, mixed>> */
    private array $changes = [];

    /** @var array<int, int> listing → the words that it agreed to or waits over */
    private array $words = [];

    /** @var list<int> */
    private array $listings = [];

    public function __construct(private readonly Stall $stall, private readonly CarryOut $carryOut)
    {
    }

    public function change(DriftChange $change): void
    {
        $this->changes[] = $change->getAttributes();
    }

    /** A change that rules let through and that adds to a listing or takes from it. */
    public function carryOut(DriftChange $change): void
    {
        $change->save();
        ($this->carryOut)($this->stall, $change, true);
    }

    public function listing(Listing $listing): void
    {
        $this->listings[] = $listing->id;
        if (array_keys($listing->getDirty()) === ['agreed_words_id']) {
            $this->words[$listing->id] = $listing->agreed_words_id;
        } else {
            $listing->save();
        }
    }

    public function close(): void
    {
        foreach (array_chunk($this->changes, self::AT_ONCE) as $some) {
            DB::table('drift_changes')->insert($some);
        }
        if ($this->words !== []) {
            DB::update(self::MOVE_ON, [
                'listings' => '{'.implode(',', array_keys($this->words)).'}',
                'words' => '{'.implode(',', $this->words).'}',
            ]);
        }
        JudgeListings::count($this->listings);
        [$this->changes, $this->words, $this->listings] = [[], [], []];
    }
}
