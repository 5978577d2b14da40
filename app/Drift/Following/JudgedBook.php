<?php

declare(strict_types=1);

namespace WindowStall\Drift\Following;

use Illuminate\Support\Facades\DB;
use WindowStall\Drift\Deciding\CarryOut;
use WindowStall\Drift\DriftChange;
use WindowStall\Stall\Stall;
use WindowStall\Support\PgArray;

/**
 * What comes of judging many listings, written at once: changes by one statement, and which words of their suppliers
 * listings have read by another. What changes a listing's make-up is done to it on the spot.
 */
final class JudgedBook
{
    private const PUT = <<<'SQL'
        INSERT INTO drift_changes (
            stall_id, listing_id, connection_id, supplier_item_id, listing_variant_id, run_id, kind, variant, about,
            before, after, said, standing, rule, moved_bp, price_was, keep_was, at
        )
        SELECT stall_id, listing_id, connection_id, supplier_item_id, listing_variant_id, run_id, kind, variant, about,
               before, after, NULLIF(said, 'null'::jsonb), standing, rule, moved_bp, price_was, keep_was, at
        FROM jsonb_to_recordset(?::jsonb) AS judged (
            stall_id bigint, listing_id bigint, connection_id bigint, supplier_item_id bigint,
            listing_variant_id bigint, run_id bigint, kind text, variant text, about text, before text, after text,
            said jsonb, standing text, rule text, moved_bp int, price_was bigint, keep_was bigint, at timestamp
        )
        SQL;

    private const MOVE_ON = <<<'SQL'
        UPDATE listings AS listing
        SET agreed_words_id = judged.words, updated_at = now()
        FROM unnest(:listings::bigint[], :words::bigint[]) AS judged (id, words)
        WHERE judged.id = listing.id
          AND listing.agreed_words_id <> judged.words
        SQL;

    /** @var list<array<string, mixed>> */
    private array $changes = [];

    /** @var array<int, int> listing → the words that it agreed to or waits over */
    private array $words = [];

    public function __construct(private readonly Stall $stall, private readonly CarryOut $carryOut)
    {
    }

    /** @param  array<string, mixed>  $change  what it is, by column */
    public function change(array $change): void
    {
        $this->changes[] = $change;
    }

    /** A change that rules let through and that adds to a listing or takes from it. */
    public function carryOut(DriftChange $change): void
    {
        $change->save();
        ($this->carryOut)($this->stall, $change, true);
    }

    /** A listing and the words of its supplier that have been read for it. */
    public function read(int $listing, int $words): void
    {
        $this->words[$listing] = $words;
    }

    public function close(): void
    {
        $json = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_INVALID_UTF8_SUBSTITUTE;
        if ($this->changes !== []) {
            DB::insert(self::PUT, [json_encode($this->changes, $json)]);
        }
        $listings = array_keys($this->words);
        if ($listings !== []) {
            DB::update(self::MOVE_ON, [
                'listings' => PgArray::numbers($listings),
                'words' => PgArray::numbers(array_values($this->words)),
            ]);
        }
        JudgeListings::count($listings);
        [$this->changes, $this->words] = [[], []];
    }
}
