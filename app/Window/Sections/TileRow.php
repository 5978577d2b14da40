<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections;

use WindowStall\Bench\Pictures\Picture;
use WindowStall\Window\Goods\WindowGoods;
use WindowStall\Window\Way;

/** One tile: its words, where it leads, the picture of the newest of what is there. */
final readonly class TileRow
{
    private function __construct(
        public string $words,
        public string $href,
        public ?Picture $picture,
        public int $count,
        public int $newest,
    ) {
    }

    /**
     * @param  array<mixed>  $row
     * @return self|null null where it leads nowhere
     */
    public static function of(array $row, WindowGoods $goods): ?self
    {
        $way = Way::from($row['leads'] ?? '');
        $href = $way->href($goods);
        if ($href === null) {
            return null;
        }
        $there = match ($way->kind) {
            'goods' => $goods->only([(int) $way->to]),
            'tag' => $goods->tagged($way->to, 1),
            'shelf' => $goods->onShelf((int) $way->to, 1),
            default => $goods->newest(1),
        };
        $words = self::words($row);

        return new self(
            words: match (true) {
                $words !== '' => $words,
                $way->kind === 'goods' => $there[0]->title ?? '',
                $way->kind === 'shelf' => $goods->shelves()[(int) $way->to]['words'] ?? '',
                default => '',
            },
            href: $href,
            picture: OwnPicture::of($goods->stall, $row['picture'] ?? null) ?? $there[0]->picture ?? null,
            count: $way->goods($goods) ?? 0,
            newest: $there[0]->id ?? 0,
        );
    }

    /** @param  array<mixed>  $row */
    public static function words(array $row): string
    {
        $said = is_string($row['words'] ?? null) ? $row['words'] : '';
        $way = Way::from($row['leads'] ?? '');

        return match (true) {
            $said !== '' => $said,
            $way->kind === 'tag' => mb_strtoupper(mb_substr($way->to, 0, 1)).mb_substr($way->to, 1),
            $way->kind === 'all' => 'All of it',
            $way->kind === 'shelves' => 'All shelves',
            default => '',
        };
    }
}
