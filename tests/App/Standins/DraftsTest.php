<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Standins;

use PHPUnit\Framework\TestCase;
use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Words\DraftCheck;
use WindowStall\Core\Words\ItemFacts;
use WindowStall\Core\Words\TitleHelp;
use WindowStall\Demo\Goods;
use WindowStall\Standins\Writer\Drafts;

/**
 * Drafts of all of Oakum's goods and of the demo's own, in each manner: printed to var/drafts.txt for reading, and held to
 * what a shopkeeper would leave standing.
 */
final class DraftsTest extends TestCase
{
    private const ROOT = __DIR__.'/../../..';

    public function test_every_draft_reads_as_a_person_would_say_it(): void
    {
        $read = '';
        $made = 0;
        foreach ($this->goods() as [$title, $own, $options]) {
            $facts = ItemFacts::of($title, $own, $options, 'the United Kingdom', new DayRange(3, 6));
            $read .= "\n".$title.($own === null ? '' : ' (the seller’s: '.$own.')')."\n";
            foreach (['plain', 'warm', 'brisk'] as $manner) {
                $draft = (new Drafts($facts->toArray(), $manner))->toArray();
                $words = strip_tags(str_replace(['</p>', '</li>'], "\n", (string) $draft['words']));
                $read .= sprintf("  %s: %s | %s\n", $manner, $draft['title'], str_replace("\n", ' / ', trim($words)));
                $about = $title.', '.$manner;
                self::assertSame([], DraftCheck::faults($draft['title'], $words.' '.$draft['search_words'], $facts), $about);
                self::assertDoesNotMatchRegularExpression('/ {2}| [.,]|\.\.|\bof (of|with)\b|from our|earns its place/u', $words, $about);
                self::assertDoesNotMatchRegularExpression('/^(A|An) \S+s (of|with) /u', $words, $about);
                $notes = $own === null ? TitleHelp::about($draft['title']) : [];
                self::assertSame([], array_filter(
                    $notes,
                    static fn ($n): bool => in_array($n->kind, ['code', 'stuffing', 'shouting'], true),
                ), $about);
                $made++;
            }
        }
        @mkdir(self::ROOT.'/var', recursive: true);
        file_put_contents(self::ROOT.'/var/drafts.txt', $read);
        self::assertGreaterThan(180, $made);
    }

    public function test_where_nothing_is_known_nothing_is_said(): void
    {
        $facts = ItemFacts::of('Zorbing Widget', null, [], null, null)->toArray();
        foreach (['plain', 'warm', 'brisk'] as $manner) {
            self::assertSame('', (new Drafts($facts, $manner))->toArray()['words']);
        }
    }

    /** @return iterable<array{string, string|null, array<string, list<string>>}> */
    private function goods(): iterable
    {
        $rows = json_decode((string) file_get_contents(self::ROOT.'/standins/Oakum/catalogue.json'), true);
        $own = Goods::all();
        foreach ($rows as $row) {
            $said = ['Clr' => array_keys($row['colours'] ?? []), 'Size' => array_keys($row['sizes'] ?? [])];
            $options = array_filter(array_map(
                static fn (array $values): array => array_map(strval(...), $values),
                $said,
            ));
            yield [$row['title'], null, $options];
            if (isset($own[$row['code']])) {
                $names = $own[$row['code']]['names']['Clr'] ?? ['as' => 'Clr', 'values' => []];
                yield [$row['title'], $own[$row['code']]['title'], [
                    $names['as'] => array_values($names['values']),
                    'Size' => $options['Size'] ?? [],
                ]];
            }
        }
    }
}
