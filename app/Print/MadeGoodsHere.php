<?php

declare(strict_types=1);

namespace WindowStall\Print;

use WindowStall\Core\Print\Findings\Severity;
use WindowStall\Core\Print\PrintedItem;
use WindowStall\Core\Source\Item;
use WindowStall\Print\Artwork\UsedArtworks;
use WindowStall\Print\Making\PictureNames;
use WindowStall\Print\Placing\FaultsOf;
use WindowStall\Print\Placing\Placed;
use WindowStall\Source\MadeFrom;
use WindowStall\Source\MadeGoods;
use WindowStall\Source\SupplierConnection;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;

/** Blanks with artwork on them, made anew whenever the print house says something of the blank. */
final class MadeGoodsHere implements MadeGoods
{
    public function of(SupplierConnection $connection, array $items): array
    {
        $blanks = array_column(array_filter($items, static fn (Item $i): bool => $i->blank !== null), null, 'id');
        if ($blanks === [] || $connection->stall === null) {
            return [];
        }
        $stall = $connection->stall;
        $made = [];
        $placed = Placed::of($stall)
            ->whereNotNull('made_item_id')
            ->whereHas('blankItem', static fn ($q) => $q
                ->where('connection_id', $connection->id)
                ->whereIn('external_id', array_map(strval(...), array_keys($blanks))))
            ->with('blankItem')
            ->orderBy('id')
            ->get();
        foreach ($placed as $one) {
            $item = self::item($stall, $one, $blanks[(string) $one->blankItem?->external_id], (int) $one->made_revision);
            if ($item->variants !== []) {
                $made[] = $item;
            }
        }

        return $made;
    }

    public function from(Stall $stall, SupplierItem $item): ?MadeFrom
    {
        $placed = Placed::of($stall)->with('blankItem.words')->where('made_item_id', $item->id)->first();

        return $placed === null ? null : new MadeFrom(
            $placed->name,
            route('print.placing', [$stall, $placed]),
            self::amiss($stall, $placed),
        );
    }

    /** @return list<string> what the print house said, and what was found, of the goods as they are sold */
    private static function amiss(Stall $stall, Placed $placed): array
    {
        $amiss = $placed->refusal === '' ? [] : ['The print house refused it: '.rtrim($placed->refusal, '.').'.'];
        $said = $placed->blankItem?->words?->item()->blank;
        if ($said === null) {
            return [...$amiss, 'The print house doesn’t say anything of this blank any more.'];
        }
        $sold = $placed->placingAt((int) $placed->made_revision, $said);
        foreach (FaultsOf::find($said, $sold, UsedArtworks::of($stall, $sold)->all) as $found) {
            if ($found->weight !== Severity::Fine) {
                $amiss[] = $found->short.' '.$found->rest;
            }
        }

        return $placed->made_revision === $placed->revision
            ? $amiss
            : [...$amiss, 'It was laid anew since; what is sold is as it was before.'];
    }

    public function count(SupplierConnection $connection): int
    {
        return $connection->stall === null ? 0 : Placed::of($connection->stall)
            ->whereHas('made', static fn ($q) => $q->where('connection_id', $connection->id)->whereNull('gone_at'))
            ->count();
    }

    /** @param  Item  $said  the blank as it is said now */
    public static function item(Stall $stall, Placed $placed, Item $said, int $revision): Item
    {
        $blank = $said->blank ?? throw new Refusal('Nothing can be printed on this any more.');
        $placing = $placed->placingAt($revision, $blank);

        return PrintedItem::of($said, $blank, $placed->id, $placed->name, $placing, PictureNames::all(
            $placed->id,
            $blank,
            $placing,
            $placed->scenes,
            UsedArtworks::of($stall, $placing)->all,
        ));
    }
}
