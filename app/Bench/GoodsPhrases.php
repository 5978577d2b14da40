<?php

declare(strict_types=1);

namespace WindowStall\Bench;

use WindowStall\Stall\Words\PhraseRoom;

/** What goods in the window say to shoppers. */
final class GoodsPhrases
{
    private const TITLES = <<<'SQL'
        SELECT shown_title AS phrase, 'Goods' AS place, '/goods/' || slug AS path
        FROM listings
        WHERE stall_id = ?
          AND state = 'in_window'
          AND deleted_at IS NULL
        SQL;

    /** As ListingWords has them: the seller's, or the supplier's at the last agreement. */
    private const WORDS = <<<'SQL'
        SELECT COALESCE(listing.own_words, listing.waiting ->> 'words', words.said ->> 'description') AS phrase,
               listing.shown_title AS place,
               '/goods/' || listing.slug AS path
        FROM listings AS listing
        JOIN supplier_items AS item ON item.id = listing.supplier_item_id
        JOIN supplier_words AS words ON words.id = item.words_id
        WHERE listing.stall_id = ?
          AND listing.state = 'in_window'
          AND listing.deleted_at IS NULL
        SQL;

    private const SEARCH = <<<'SQL'
        SELECT said.phrase, listing.shown_title AS place, '/goods/' || listing.slug AS path
        FROM listings AS listing
        CROSS JOIN LATERAL (VALUES (listing.own_search_title), (listing.own_search_words)) AS said (phrase)
        WHERE listing.stall_id = ?
          AND listing.state = 'in_window'
          AND listing.deleted_at IS NULL
          AND said.phrase IS NOT NULL
        SQL;

    private const PICTURES = <<<'SQL'
        SELECT picture.alt AS phrase, listing.shown_title AS place, '/goods/' || listing.slug AS path
        FROM listings AS listing
        JOIN pictures AS picture ON picture.listing_id = listing.id AND picture.state = 'ready'
        WHERE listing.stall_id = ?
          AND listing.state = 'in_window'
          AND listing.deleted_at IS NULL
          AND picture.alt IS NOT NULL
        SQL;

    private const RUNGS = <<<'SQL'
        SELECT rung ->> 'words' AS phrase, listing.shown_title AS place, '/goods/' || listing.slug AS path
        FROM listings AS listing
        CROSS JOIN LATERAL jsonb_array_elements(listing.own_ladder::jsonb) AS rung
        WHERE listing.stall_id = ?
          AND listing.state = 'in_window'
          AND listing.deleted_at IS NULL
          AND rung ->> 'words' IS NOT NULL
        SQL;

    /** @return list<PhraseRoom> */
    public static function rooms(): array
    {
        return [
            PhraseRoom::query('titles', 'Names of goods', 20, self::TITLES, ofGoods: true),
            PhraseRoom::query('descriptions', 'Descriptions of goods', 60, self::WORDS, ofGoods: true),
            PhraseRoom::query('rungs', 'What stands on rungs of ladders', 70, self::RUNGS, ofGoods: true),
            PhraseRoom::query('pictures', 'What pictures show, for who can’t see them', 80, self::PICTURES, ofGoods: true),
            PhraseRoom::query('search', 'What search engines show of goods', 90, self::SEARCH, ofGoods: true),
        ];
    }
}
