<?php

declare(strict_types=1);

namespace WindowStall\Core\Opening\Seen;

use WindowStall\Core\Words\SearchCut;

/** Looks at the heads of a shop's pages beside one another. */
final class SeenAudit
{
    /** A description shorter than this says less than there is room for; about half a line. */
    private const FEW = 40;

    /**
     * @param  list<SeenPage>  $pages
     * @return list<list<SeenFinding>> of each page, in their order; none where nothing is amiss
     */
    public static function of(array $pages): array
    {
        $titles = array_count_values(array_map(static fn (SeenPage $page): string => mb_strtolower($page->title), $pages));
        $words = array_count_values(array_map(static fn (SeenPage $page): string => mb_strtolower($page->words), $pages));

        return array_map(static fn (SeenPage $page): array => self::page(
            $page,
            $titles[mb_strtolower($page->title)] > 1,
            $words[mb_strtolower($page->words)] > 1,
        ), $pages);
    }

    /** @return list<SeenFinding> */
    private static function page(SeenPage $page, bool $titleTwice, bool $wordsTwice): array
    {
        $is = [
            [SeenFinding::NoTitle, $page->title === ''],
            [SeenFinding::TitleCut, SearchCut::of($page->title, '')->titleCut],
            [SeenFinding::TitleTwice, $page->title !== '' && $titleTwice],
            [SeenFinding::NoWords, $page->words === ''],
            [SeenFinding::FewWords, $page->words !== '' && mb_strlen($page->words) < self::FEW],
            [SeenFinding::WordsTwice, $page->words !== '' && $wordsTwice],
            [SeenFinding::NoPicture, $page->picture === ''],
        ];

        return array_column(array_filter($is, static fn (array $one): bool => $one[1]), 0);
    }
}
