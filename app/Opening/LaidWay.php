<?php

declare(strict_types=1);

namespace WindowStall\Opening;

use WindowStall\Bench\Listing;
use WindowStall\Core\Look\SaidLook;
use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;
use WindowStall\Support\RichText;
use WindowStall\Window\Content;
use WindowStall\Window\Goods\WindowGoods;
use WindowStall\Window\Look;
use WindowStall\Window\Plan;
use WindowStall\Window\Window;

/** A first shop laid out in one of its ways: front page and page of goods, in a look of its own. */
final readonly class LaidWay
{
    private const HERO_WORDS = 60;

    private function __construct(
        public Arrangement $arrangement,
        public Content $front,
        public Content $goods,
    ) {
    }

    /** @throws Refusal where none of its goods is left */
    public static function of(Stall $stall, FirstShop $first, Arrangement $arrangement): self
    {
        $goods = WindowGoods::with($stall, $first->toBe());
        $wanted = $first->wanted();
        if ($goods->only($wanted) === []) {
            throw new Refusal('None of the goods is left. Take one back in, or lay it out again.');
        }
        $lead = Listing::of($stall)->find($goods->only($wanted)[0]->id);
        $told = trim(RichText::lines((string) $lead?->own_words));
        $look = self::look($stall, $first, $arrangement);

        return new self(
            $arrangement,
            Content::from([
                'look' => $look->toArray(),
                'sections' => $arrangement->front($goods, $wanted, self::hero($first, $goods), $told),
            ]),
            Content::page($arrangement->goods(), Plan::Goods),
        );
    }

    /** @return array<string, mixed> the shop says of itself what its seller says of it */
    private static function hero(FirstShop $first, WindowGoods $goods): array
    {
        $sentence = mb_strtoupper(mb_substr($first->sentence, 0, 1)).mb_substr($first->sentence, 1);
        $short = mb_strlen($sentence) <= self::HERO_WORDS;
        $days = $goods->days();

        return array_filter([
            'words' => $short ? $sentence : $first->name,
            'under' => $short ? ($days === null ? null : 'With you in '.$days->words().'.') : $sentence.'.',
            'picture' => $first->picture_id,
            'button' => 'See all of it',
            'leads' => 'all',
        ], static fn (mixed $said): bool => $said !== null);
    }

    private static function look(Stall $stall, FirstShop $first, Arrangement $arrangement): Look
    {
        $said = SaidLook::read($first->sentence.' '.implode(' ', $first->colours))->looks[$arrangement->value];
        $worn = Window::query()->findOrFail($stall->id)->workingContent()->look;

        return new Look($said['starter']->words(), $said['plan'], $first->name, $worn->logo, $worn->logoOnDark);
    }
}
