<?php

declare(strict_types=1);

namespace WindowStall\Window\Written;

use Illuminate\Database\Eloquent\Collection;
use WindowStall\Bench\Listing;
use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;
use WindowStall\Window\Content;
use WindowStall\Window\Plan;

/** Which goods a goods page is for: all, those of a type, or a single one. */
final readonly class GoodsOf
{
    private function __construct(public ?string $type, public ?Listing $listing)
    {
    }

    /** @throws Refusal where there are none */
    public static function said(Stall $stall, ?string $type, ?int $listing): self
    {
        $one = $listing === null ? null : Listing::of($stall)->find($listing);
        if ($listing !== null && $one === null) {
            throw new Refusal('That listing isn’t there any more.');
        }
        $type = trim((string) $type);
        if ($one === null && $type !== '' && Listing::of($stall)->where('own_type', $type)->doesntExist()) {
            throw new Refusal(sprintf('No listing is of the type “%s”.', $type));
        }

        return new self($one === null && $type !== '' ? $type : null, $one);
    }

    public function title(): string
    {
        return match (true) {
            $this->listing !== null => $this->listing->shown_title,
            $this->type !== null => sprintf('Goods of type “%s”', $this->type),
            default => PageKind::Goods->heading(),
        };
    }

    /** @return array{goods_type: string|null, goods_listing_id: int|null} */
    public function columns(): array
    {
        return ['goods_type' => $this->type, 'goods_listing_id' => $this->listing?->id];
    }

    /** @param  Collection<int, WrittenPage>  $pages */
    public function page(Collection $pages): ?WrittenPage
    {
        return $pages->first(fn (WrittenPage $page): bool => $page->isOfGoods()
            && $page->goods_type === $this->type
            && $page->goods_listing_id === $this->listing?->id);
    }

    /** @return list<array<string, mixed>> as they are laid now, so that only what differs has to be changed */
    public function begins(Stall $stall): array
    {
        $like = $this->listing ?? ($this->type === null ? null : Listing::of($stall)->where('own_type', $this->type)->first());

        return ($like === null ? Content::page(DressedGoods::FIRST, Plan::Goods) : DressedGoods::of($stall, $like))
            ->toArray()['sections'];
    }
}
