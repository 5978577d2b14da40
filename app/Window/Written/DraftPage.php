<?php

declare(strict_types=1);

namespace WindowStall\Window\Written;

use WindowStall\Core\Policies\PolicyFacts;
use WindowStall\Core\Policies\PolicyKind;
use WindowStall\Core\Policies\WrittenPolicy;
use WindowStall\Shelves\Shelf;
use WindowStall\Shelves\ShelfGoods;
use WindowStall\Stall\Stall;
use WindowStall\Window\Content;
use WindowStall\Window\Goods\WindowGoods;
use WindowStall\Window\Policies\PolicyWords;
use WindowStall\Window\Policies\TrueFacts;

/** A first text for a page, of nothing but how the stall is set up and what it sells. */
final class DraftPage
{
    /** @return list<array<string, mixed>> its sections, as {@see Content::from()} reads them */
    public function __invoke(Stall $stall, WrittenPage $page): array
    {
        $facts = TrueFacts::of($stall);
        $said = match ($page->kind) {
            PageKind::About => ['writing' => ['words' => $this->about($stall, $facts)]],
            PageKind::Contact => ['writing' => ['words' => $this->contact($facts)]],
            PageKind::Questions => ['questions' => ['asked' => $this->questions($facts)]],
            PageKind::Other, PageKind::Note, PageKind::Goods, PageKind::Lists, PageKind::Basket => [],
        };
        $sections = $page->kind->begins($page->title);
        // Beside who is behind the stall, what is on it.
        if ($page->kind === PageKind::About && WindowGoods::of($stall)->count() > 0) {
            $sections[] = ['id' => 'goods', 'kind' => 'goods', 'settings' => ['heading' => 'What is on it now']];
        }

        return array_map(static fn (array $section): array => [
            'settings' => ($said[$section['kind']] ?? []) + $section['settings'],
        ] + $section, $sections);
    }

    /** @param  array<string>  $names */
    private static function named(array $names): string
    {
        $last = array_pop($names);

        return $names === [] ? (string) $last : implode(', ', $names).' and '.$last;
    }

    private function about(Stall $stall, PolicyFacts $facts): string
    {
        $goods = ShelfGoods::all($stall)->where('facts.buyable', true)->count();
        $shelves = array_map(strval(...), Shelf::of($stall)->orderBy('name')->limit(4)->pluck('name')->all());
        $who = $facts->trader === null ? '' : sprintf(' It is run by %s%s.', $facts->trader, $facts->town === null
            ? ''
            : ' in '.$facts->town);
        $sells = match (true) {
            $goods === 0 => '',
            $shelves === [] => sprintf('You find %d things here.', $goods),
            default => sprintf('You find %d things here, on shelves such as %s.', $goods, self::named($shelves)),
        };
        $made = $facts->printed ? 'Some of it is printed when you order it, with drawings of our own.' : '';

        return self::paragraphs([
            sprintf('%s is a small shop.%s', $facts->shop, $who),
            $sells,
            $made,
            PolicyWords::of(WrittenPolicy::of(PolicyKind::Delivery, $facts))['from'] ?? '',
        ]);
    }

    private function contact(PolicyFacts $facts): string
    {
        return self::paragraphs([
            'Ask us about an order or about anything on the stall. Where it is about an order, write its number.',
            $facts->email === null ? '' : 'You can also write to '.$facts->email.'.',
            $facts->phone === null ? '' : 'Or ring '.$facts->phone.'.',
        ]);
    }

    /** @return list<array{ask: string, answer: string}> those whose answer is known */
    private function questions(PolicyFacts $facts): array
    {
        $delivery = PolicyWords::of(WrittenPolicy::of(PolicyKind::Delivery, $facts));
        $returns = PolicyWords::of(WrittenPolicy::of(PolicyKind::Returns, $facts));
        $asked = [
            ['ask' => 'How long does it take?', 'answer' => $delivery['days'] ?? ''],
            ['ask' => 'What does delivery cost?', 'answer' => $delivery['cost'] ?? ''],
            ['ask' => 'Where do you send to?', 'answer' => $delivery['where'] ?? ''],
            ['ask' => 'Can I send it back?', 'answer' => $facts->returnDays === null
                ? ''
                : $returns['period'] ?? ''],
            ['ask' => 'What if it arrives broken?', 'answer' => $returns['faulty'] ?? ''],
        ];

        return array_values(array_filter($asked, static fn (array $one): bool => $one['answer'] !== ''));
    }

    /** @param  list<string>  $texts */
    private static function paragraphs(array $texts): string
    {
        $said = array_filter($texts, static fn (string $text): bool => $text !== '');

        return implode('', array_map(static fn (string $text): string => '<p>'.e($text).'</p>', $said));
    }
}
