<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Window;

use PHPUnit\Framework\TestCase;
use WindowStall\Core\Window\Changes;
use WindowStall\Core\Window\Merge;

final class MergeTest extends TestCase
{
    public function test_changes_to_different_things_are_laid_together(): void
    {
        $base = self::page(['a' => 'one', 'b' => 'two']);
        $merged = Merge::of(
            $base,
            self::page(['a' => 'theirs', 'b' => 'two'], ['name' => 'Theirs']),
            self::page(['a' => 'one', 'b' => 'mine']),
        );
        self::assertSame(self::page(['a' => 'theirs', 'b' => 'mine'], ['name' => 'Theirs']), $merged->content);
        self::assertSame(['look', 'a'], $merged->came);
        self::assertSame([], $merged->given);
    }

    public function test_where_both_changed_the_same_mine_stands_and_theirs_is_named(): void
    {
        $base = self::page(['a' => 'one']);
        $merged = Merge::of($base, self::page(['a' => 'theirs']), self::page(['a' => 'mine']));
        self::assertSame(self::page(['a' => 'mine']), $merged->content);
        self::assertSame([[], ['a']], [$merged->came, $merged->given]);
    }

    public function test_the_same_change_by_both_is_no_quarrel(): void
    {
        $merged = Merge::of(self::page(['a' => 'one']), self::page(['a' => 'same']), self::page(['a' => 'same']));
        self::assertSame([[], []], [$merged->came, $merged->given]);
    }

    public function test_different_settings_of_one_section_are_laid_together(): void
    {
        $section = static fn (string $words, string $tone): array => [
            'look' => [],
            'sections' => [
                ['id' => 'a', 'kind' => 'hero', 'settings' => ['words' => $words, 'tone' => $tone], 'showing' => []],
            ],
        ];
        $merged = Merge::of($section('one', 'band'), $section('theirs', 'band'), $section('one', 'fill'));
        self::assertSame($section('theirs', 'fill'), $merged->content);
    }

    public function test_what_they_laid_comes_in_behind_what_it_stood_behind_and_what_they_removed_goes(): void
    {
        $base = self::page(['a' => '1', 'b' => '2', 'c' => '3']);
        $merged = Merge::of(
            $base,
            self::page(['a' => '1', 'new' => 'x', 'b' => '2']),
            self::page(['b' => '2', 'a' => '1', 'c' => '3']),
        );
        self::assertSame(['b', 'a', 'new'], array_column($merged->content['sections'], 'id'), 'in my order');
        self::assertContains('new', $merged->came);
        self::assertContains('c', $merged->came);
    }

    public function test_a_section_that_one_removed_and_the_other_changed_stays(): void
    {
        $base = self::page(['a' => '1', 'b' => '2']);
        $theirs = Merge::of($base, self::page(['a' => '1', 'b' => 'changed']), self::page(['a' => '1']));
        self::assertSame(['a', 'b'], array_column($theirs->content['sections'], 'id'));
        self::assertSame(['b'], $theirs->given);
        $mine = Merge::of($base, self::page(['a' => '1']), self::page(['a' => '1', 'b' => 'changed']));
        self::assertSame(['a', 'b'], array_column($mine->content['sections'], 'id'));
    }

    public function test_an_order_that_only_they_changed_is_taken(): void
    {
        $base = self::page(['a' => '1', 'b' => '2']);
        $merged = Merge::of($base, self::page(['b' => '2', 'a' => '1']), self::page(['a' => 'mine', 'b' => '2']));
        self::assertSame(self::page(['b' => '2', 'a' => 'mine']), $merged->content);
        self::assertSame(['order'], $merged->came);
    }

    public function test_nothing_of_mine_is_ever_lost_whatever_they_did(): void
    {
        mt_srand(3);
        for ($n = 0; $n < 400; $n++) {
            $base = self::somePage();
            $theirs = self::turned($base);
            $mine = self::turned($base);
            $merged = Merge::of($base, $theirs, $mine);
            $was = array_column($base['sections'], null, 'id');
            $is = array_column($merged->content['sections'], null, 'id');
            foreach ($mine['sections'] as $section) {
                $id = $section['id'];
                if (! isset($was[$id]) || $was[$id] !== $section) {
                    self::assertArrayHasKey($id, $is);
                    self::assertSame($section['settings'], $is[$id]['settings'], 'what I changed stands');
                }
            }
            self::assertSame($mine, Merge::of($base, $base, $mine)->content, 'without anybody else it is mine');
            self::assertSame($theirs, Merge::of($base, $theirs, $base)->content, 'without me it is theirs');
        }
    }

    public function test_changes_are_counted_as_people_would(): void
    {
        $base = self::page(['a' => '1', 'b' => '2', 'c' => '3'], ['name' => 'x', 'mood' => 'paper']);
        self::assertSame(0, Changes::between($base, $base));
        self::assertSame(
            1,
            Changes::between(
                $base,
                self::page(['a' => '1', 'b' => 'other', 'c' => '3'], ['mood' => 'paper', 'name' => 'x']),
            ),
            'the order of keys is no change',
        );
        self::assertSame(
            1,
            Changes::between(
                $base,
                self::page(['b' => '2', 'a' => '1', 'c' => '3'], ['name' => 'x', 'mood' => 'paper']),
            ),
            'the order',
        );
        self::assertSame(
            3,
            Changes::between(
                $base,
                self::page(['a' => '1', 'b' => '2', 'd' => '4'], ['name' => 'x', 'mood' => 'dusk']),
            ),
            'one gone, one new, the ground',
        );
    }

    /**
     * @param  array<string, string>  $words  by id
     * @param  array<string, string>  $look
     * @return array{look: array<string, mixed>, sections: list<array<string, mixed>>}
     */
    private static function page(array $words, array $look = ['name' => 'Mine']): array
    {
        $sections = [];
        foreach ($words as $id => $said) {
            $sections[] = [
                'id' => $id,
                'kind' => 'words',
                'settings' => ['words' => $said],
                'showing' => ['hidden' => false],
            ];
        }

        return ['look' => $look, 'sections' => $sections];
    }

    /** @return array{look: array<string, mixed>, sections: list<array<string, mixed>>} */
    private static function somePage(): array
    {
        $words = [];
        foreach (range(1, mt_rand(1, 5)) as $n) {
            $words['s'.$n] = (string) mt_rand(0, 3);
        }

        return self::page($words);
    }

    /**
     * @param  array{look: array<string, mixed>, sections: list<array<string, mixed>>}  $page
     * @return array{look: array<string, mixed>, sections: list<array<string, mixed>>} with one section changed, gone or
     *     new
     */
    private static function turned(array $page): array
    {
        $sections = $page['sections'];
        $n = mt_rand(0, count($sections) - 1);
        switch (mt_rand(0, 2)) {
            case 0:
                $sections[$n]['settings'] = ['words' => 'said '.mt_rand(4, 9_999)];
                break;
            case 1:
                array_splice($sections, $n, 1);
                break;
            default:
                array_splice($sections, $n, 0, [
                    [
                        'id' => 'new'.mt_rand(0, 99_999),
                        'kind' => 'words',
                        'settings' => ['words' => 'new'],
                        'showing' => ['hidden' => false],
                    ],
                ]);
        }

        return ['look' => $page['look'], 'sections' => $sections];
    }
}
