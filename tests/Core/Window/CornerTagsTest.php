<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Window;

use DateTimeImmutable;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Window\CornerTags;
use WindowStall\Core\Window\TagFacts;
use WindowStall\Core\Window\TagKind;
use WindowStall\Core\Window\TagRule;

/** At most one tag on a card, and none that isn't true. */
final class CornerTagsTest extends TestCase
{
    private const NOW = '2026-12-02 12:00';

    public function test_the_first_rule_that_holds_counts(): void
    {
        $facts = self::facts(pieces: 2, shown: '2026-12-01', printed: true);
        self::assertSame('few', self::said(['few' => 3, 'new' => 14, 'printed' => 0], $facts));
        self::assertSame('new', self::said(['new' => 14, 'few' => 3], $facts));
        self::assertSame('printed', self::said(['few' => 1, 'new' => 1, 'printed' => 0], self::facts(pieces: 2, printed: true)));
        self::assertNull(self::said([], $facts), 'no rule is on by itself');
    }

    public function test_what_cannot_be_bought_has_none(): void
    {
        self::assertNull(self::said(['new' => 14], self::facts(shown: '2026-12-01', buyable: false)));
    }

    #[TestWith(['2026-11-18 12:01', 'new'], 'a minute before fourteen days are over')]
    #[TestWith(['2026-11-18 12:00', null], 'as they are over')]
    #[TestWith(['2026-12-02 12:00:01', 'new'], 'kept to the second, rounded up')]
    public function test_new_ends_to_the_minute(string $since, ?string $said): void
    {
        self::assertSame($said, self::said(['new' => 14], self::facts(shown: $since)));
    }

    public function test_back_again_is_said_only_of_what_had_sold_out(): void
    {
        self::assertNull(self::said(['back' => 10], self::facts(shown: '2026-12-01')));
        self::assertSame('back', self::said(['back' => 10], self::facts(back: '2026-11-25')));
    }

    #[TestWith(['2026-11-30', '2026-12-04', true], 'Monday, there on Friday')]
    #[TestWith(['2026-11-30', '2026-12-05', false], 'Monday, there on Saturday')]
    #[TestWith(['2026-12-04', '2026-12-04', true], 'Friday, there the same day')]
    #[TestWith(['2026-12-04', '2026-12-08', false], 'Friday, there on Tuesday')]
    #[TestWith(['2026-12-05', '2026-12-11', true], 'Saturday, there by the Friday after')]
    public function test_by_friday_means_the_next_one(string $bought, string $there, bool $holds): void
    {
        self::assertSame($holds, CornerTags::byWeekday(new DateTimeImmutable($bought), new DateTimeImmutable($there), 5));
    }

    public function test_what_was_saved_is_read_whatever_it_is(): void
    {
        $rules = TagRule::all([
            ['kind' => 'few', 'on' => true, 'number' => 400],
            'x',
            ['kind' => 'nothing', 'on' => true],
            ['kind' => 'few', 'on' => false, 'number' => 2],
            ['kind' => 'new', 'on' => 'yes', 'number' => '9'],
        ]);
        self::assertSame(
            ['few', 'new', 'back', 'by_day', 'printed'],
            array_map(static fn (TagRule $rule): string => $rule->kind->value, $rules),
        );
        self::assertEquals(new TagRule(TagKind::Few, true, 20), $rules[0], 'no more than can be called few');
        self::assertEquals(new TagRule(TagKind::Newest, false, 14), $rules[1]);
    }

    /** @param  array<string, int>  $on  rules that are on, in their order */
    private static function said(array $on, TagFacts $facts): ?string
    {
        $saved = array_map(
            static fn (string $kind, int $number): array => ['kind' => $kind, 'on' => true, 'number' => $number],
            array_keys($on),
            $on,
        );

        return (new CornerTags(TagRule::all($saved)))->of($facts, new DateTimeImmutable(self::NOW))?->kind->value;
    }

    private static function facts(
        int $pieces = 50,
        ?string $shown = null,
        ?string $back = null,
        bool $printed = false,
        bool $buyable = true,
    ): TagFacts {
        return new TagFacts(
            $buyable,
            $pieces,
            $shown === null ? null : new DateTimeImmutable($shown),
            $back === null ? null : new DateTimeImmutable($back),
            $printed,
        );
    }
}
