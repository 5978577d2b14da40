<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections;

use WindowStall\Bench\Pictures\Picture;
use WindowStall\Window\Goods\GoodCard;
use WindowStall\Window\Goods\WindowGoods;
use WindowStall\Window\LinkTarget;

/** One tile: its words, where it leads, the picture of the newest of what is there that leads no other tile. */
final readonly class TileRow
{
    private function __construct(
        public string $words,
        public string $href,
        public ?Picture $picture,
        public int $count,
        public int $newest,
        public ?int $pictured,
    ) {
    }

    /**
     * @param  array<mixed>  $row
     * @param  list<int>  $taken  goods whose pictures lead other tiles
     * @return self|null null where it leads nowhere
     */
    public static function of(array $row, WindowGoods $goods, array $taken): ?self
    {
        $way = LinkTarget::from($row['leads'] ?? '');
        $href = $way->href($goods);
        if ($href === null) {
            return null;
        }
        $there = match ($way->kind) {
            'goods' => $goods->only([(int) $way->to]),
            'tag' => $goods->tagged($way->to, count($taken) + 1),
            'shelf' => $goods->onShelf((int) $way->to, count($taken) + 1),
            default => $goods->newest(count($taken) + 1),
        };
        $fresh = array_filter($there, static fn (GoodCard $g): bool => $g->picture && ! in_array($g->id, $taken, true));
        $lead = array_values($fresh)[0] ?? $there[0] ?? null;
        $own = OwnPicture::of($goods->stall, $row['picture'] ?? null);
        $words = self::words($row);

        return new self(
            words: match (true) {
                $words !== '' => $words,
                $way->kind === 'goods' => $there[0]->title ?? '',
                $way->kind === 'shelf' => $goods->shelves()[(int) $way->to]['words'] ?? '',
                default => '',
            },
            href: $href,
            picture: $own ?? $lead?->picture,
            count: $way->goods($goods) ?? 0,
            newest: $there[0]->id ?? 0,
            pictured: $own === null ? $lead?->id : null,
        );
    }

    /** @param  array<mixed>  $row */
    public static function words(array $row): string
    {
        $said = is_string($row['words'] ?? null) ? $row['words'] : '';
        $way = LinkTarget::from($row['leads'] ?? '');

        return match (true) {
            $said !== '' => $said,
            $way->kind === 'tag' => mb_strtoupper(mb_substr($way->to, 0, 1)).mb_substr($way->to, 1),
            $way->kind === 'all' => 'All of it',
            $way->kind === 'shelves' => 'All shelves',
            $way->kind === 'notes' => 'Notes',
            default => '',
        };
    }
}
