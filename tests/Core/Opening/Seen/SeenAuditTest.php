<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Opening\Seen;

use PHPUnit\Framework\TestCase;
use WindowStall\Core\Opening\Seen\PageSort;
use WindowStall\Core\Opening\Seen\SeenAudit;
use WindowStall\Core\Opening\Seen\SeenFinding as Finding;
use WindowStall\Core\Opening\Seen\SeenPage;

/** The heads of pages, looked at beside one another. */
final class SeenAuditTest extends TestCase
{
    private const WORDS = 'A trowel for a working lifetime, forged and oiled.';

    public function test_what_could_be_better_of_each_is_found_and_nothing_of_what_is_well(): void
    {
        $pages = [
            self::page('/', 'Quillet', self::WORDS),
            self::page('/a', '', ''),
            self::page('/b', str_repeat('Terracotta ', 7), 'Short.', ''),
            self::page('/c', 'Twine', self::WORDS.' Yes.'),
            self::page('/d', 'twine', self::WORDS.' No.'),
            self::page('/e', 'Pot', mb_strtoupper(self::WORDS)),
        ];
        self::assertSame([
            [Finding::WordsTwice],
            [Finding::NoTitle, Finding::NoWords],
            [Finding::TitleCut, Finding::FewWords, Finding::NoPicture],
            [Finding::TitleTwice],
            [Finding::TitleTwice],
            [Finding::WordsTwice],
        ], SeenAudit::of($pages));
        self::assertSame([[]], SeenAudit::of([$pages[0]]));
        self::assertSame([], SeenAudit::of([]));
        self::assertEquals($pages[2], SeenPage::from($pages[2]->toArray()));
    }

    private static function page(string $address, string $title, string $words, string $picture = '/shared/x.jpg'): SeenPage
    {
        return new SeenPage(PageSort::Goods, $address, $title, $words, $picture);
    }
}
