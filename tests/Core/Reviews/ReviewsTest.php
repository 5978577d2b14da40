<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Reviews;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Reviews\HeldFor;
use WindowStall\Core\Reviews\ReviewSummary;

final class ReviewsTest extends TestCase
{
    /** @param  array<int, int>  $stars */
    #[TestWith([[5 => 3, 4 => 1], 4, ''])]
    #[TestWith([[5 => 4, 4 => 1], 5, '4.8'])]
    #[TestWith([[5 => 20, 4 => 9, 1 => 2], 31, '4.5'])]
    #[TestWith([[1 => 5], 5, '1.0'])]
    #[TestWith([[5 => 17, 4 => 3], 20, '4.9'])]
    #[TestWith([[], 0, ''])]
    public function test_an_average_is_said_of_five_or_more_rounded_half_up(array $stars, int $count, string $digits): void
    {
        $summary = ReviewSummary::of($stars);
        self::assertSame([$count, $digits], [$summary->count, $summary->digits()]);
    }

    public function test_nobody_gives_six_stars(): void
    {
        $this->expectException(\InvalidArgumentException::class);
        ReviewSummary::of([6 => 1]);
    }

    /** @param  list<HeldFor>  $held */
    #[TestWith(['Held two rows of beans through the August wind.', 0, []])]
    #[TestWith(['It is 3 mm thick. Too thin.I sent it back', 0, []])]
    #[TestWith(['Cheaper at www.elsewhere.example', 0, [HeldFor::Link]])]
    #[TestWith(['Look at elsewhere.shop/twine', 0, [HeldFor::Link]])]
    #[TestWith(['Write to me: a.b@elsewhere.example', 0, [HeldFor::Link]])]
    #[TestWith(['What an IDIOT sells this', 0, [HeldFor::Abuse]])]
    #[TestWith(['Idiotically simple, I like it', 0, []])]
    #[TestWith(['Ihr Betrüger!', 0, [HeldFor::Abuse]])]
    #[TestWith(['<script>alert(1)</script>', 0, []])]
    #[TestWith(['', 2, [HeldFor::Picture]])]
    #[TestWith(['http://x.example you moron', 1, [HeldFor::Link, HeldFor::Abuse, HeldFor::Picture]])]
    public function test_links_abuse_and_pictures_are_looked_at_first(string $words, int $pictures, array $held): void
    {
        self::assertSame($held, HeldFor::in($words, $pictures));
    }
}
