<?php

declare(strict_types=1);

namespace WindowStall\Shelves;

use WindowStall\Stall\Words\PhraseRoom;

/** What shelves say to shoppers, and what goods are chosen and narrowed down by. */
final class ShelfPhrases
{
    private const SHELVES = <<<'SQL'
        SELECT said.phrase, shelf.name AS place, '/shelves/' || shelf.slug AS path
        FROM shelves AS shelf
        CROSS JOIN LATERAL (
            VALUES (shelf.name::text), (shelf.words), (shelf.search_title::text), (shelf.search_words::text)
        ) AS said (phrase)
        WHERE shelf.stall_id = ?
          AND said.phrase IS NOT NULL
        SQL;

    /** Names and values of options that leave something to choose, kinds of goods, and tags. */
    private const CHOICES = <<<'SQL'
        SELECT part.phrase, 'Choices of ' || facts.title AS place, '' AS path
        FROM goods_facts AS facts
        CROSS JOIN LATERAL unnest(facts.options) AS option (value)
        CROSS JOIN LATERAL (
            VALUES (split_part(option.value, ': ', 1)), (substr(option.value, strpos(option.value, ': ') + 2))
        ) AS part (phrase)
        WHERE facts.stall_id = ?
          AND split_part(option.value, ': ', 1) = ANY (facts.choices)
        UNION ALL
        SELECT facts.type, 'Kind of goods', ''
        FROM goods_facts AS facts
        WHERE facts.stall_id = ?
        UNION ALL
        SELECT tag.name, 'Tag', ''
        FROM goods_facts AS facts
        CROSS JOIN LATERAL unnest(facts.tags) AS tag (name)
        WHERE facts.stall_id = ?
        SQL;

    /** @return list<PhraseRoom> */
    public static function rooms(): array
    {
        return [
            PhraseRoom::query('shelves', 'Shelves', 30, self::SHELVES),
            PhraseRoom::query('choices', 'Colours, sizes and kinds', 40, self::CHOICES),
        ];
    }
}
