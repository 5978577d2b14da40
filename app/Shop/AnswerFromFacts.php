<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Core\Reviews\AskedAbout;
use WindowStall\Core\Source\ValueWords;
use WindowStall\Reviews\Questions\DraftsAnswer;
use WindowStall\Reviews\Questions\GoodsQuestion;
use WindowStall\Stall\Stall;
use WindowStall\Support\Speech\Speech;

/** What the page of the goods says about what was asked, as lines of an answer. */
final class AnswerFromFacts implements DraftsAnswer
{
    public function draft(Stall $stall, GoodsQuestion $question): string
    {
        $listing = Listing::of($stall)->with(Listing::FOR_FIGURES)->find($question->listing_id);
        if ($listing === null) {
            return '';
        }

        return Speech::in($question->language, static function () use ($stall, $question, $listing): string {
            $page = GoodsPage::of(ListingFigures::of($stall->speaking($question->language), $listing));
            $lines = array_merge(...array_map(
                static fn (AskedAbout $about): array => self::lines($page, $about),
                AskedAbout::in($question->words),
            ));

            return implode("\n", array_unique($lines));
        });
    }

    /** @return list<string> */
    private static function lines(GoodsPage $page, AskedAbout $about): array
    {
        $fact = static function (string $name) use ($page): array {
            $label = Speech::say('shop.goods.'.$name);
            $value = $page->facts()[$label] ?? '';

            return $value === '' ? [] : [$label.': '.$value.'.'];
        };
        $sizes = array_filter($page->options, static fn (array $values): bool => ValueWords::sizes(...$values));
        $said = static fn (array $options): array => array_map(
            static fn (string $name, array $values): string => $name.': '.implode(', ', $values).'.',
            array_keys($options),
            $options,
        );

        return match ($about) {
            AskedAbout::Size => $said($sizes === [] ? $page->options : $sizes),
            AskedAbout::Choice => $said($page->options),
            AskedAbout::Weight => $fact('weight'),
            AskedAbout::Origin => $fact('posted_from'),
            AskedAbout::Arrival => array_filter([GoodsPage::daysWords($page->chosen?->days)]),
            AskedAbout::Returns => array_filter([$page->returns()]),
        };
    }
}
