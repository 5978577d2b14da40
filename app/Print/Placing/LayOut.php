<?php

declare(strict_types=1);

namespace WindowStall\Print\Placing;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Print\Placing\Fit;
use WindowStall\Core\Print\Placing\Laid;
use WindowStall\Core\Print\Placing\Piece;
use WindowStall\Core\Print\Placing\Placing;
use WindowStall\Core\Source\Blank;
use WindowStall\Print\Artwork\Artwork;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;

/** Lays an artwork on a blank for the first time, and keeps each change as a revision. */
final class LayOut
{
    /** Thousandths of the area's width that an artwork takes to begin with. */
    private const SHARE = 500;

    /** Where chests are printed: tenths of a millimetre under the area's upper edge. */
    private const DOWN = 300;

    public function new(Stall $stall, SupplierItem $blank, Artwork $artwork): Placed
    {
        $said = $blank->words?->item();
        $facts = $artwork->read();
        $prints = $said?->blank;
        $area = $prints->areas[0] ?? null;
        if ($said === null || $prints === null || $area === null || $facts === null) {
            throw new Refusal('Nothing can be printed on this, or the artwork isn’t read yet.');
        }
        $method = null;
        foreach ($prints->methods as $one) {
            $method ??= in_array($area->code, $one->areas, true) ? $one->code : null;
        }
        $piece = new Piece($artwork->id, 0, self::DOWN, intdiv(10 * $area->width * self::SHARE, 1000));
        $method ??= throw new Refusal('The print house says no way to print this.');
        $laid = new Laid($area->code, $method, [Fit::inside($piece, $facts, $area)]);
        $sizes = array_values(array_filter(SizesOf::item($said), static fn (string $s): bool => $s !== ''));
        $placing = new Placing([$laid], array_keys($prints->colours), $sizes);

        return DB::transaction(function () use ($stall, $blank, $artwork, $placing, $prints, $said): Placed {
            $placed = Placed::query()->create([
                'stall_id' => $stall->id,
                'supplier_item_id' => $blank->id,
                'name' => $artwork->name.', '.mb_strtolower(mb_substr($said->title, 0, 1)).mb_substr($said->title, 1),
                'laid' => $placing->toArray(),
                'areas' => self::areas($prints),
                'scenes' => array_map(static fn ($p): string => $p->scene, $prints->plates),
            ]);
            self::note($placed);

            return $placed;
        });
    }

    /** @return bool whether anything changed */
    public function say(Placed $placed, Placing $placing): bool
    {
        return DB::transaction(function () use ($placed, $placing): bool {
            /** @var Placed $now */
            $now = Placed::query()->lockForUpdate()->findOrFail($placed->id);
            if ($now->laid == $placing->toArray()) {
                return false;
            }
            // Whoever lays it anew has seen how the areas are now.
            $areas = $now->blankItem?->words?->item()->blank;
            $now->update([
                'laid' => $placing->toArray(),
                'revision' => $now->revision + 1,
                'areas' => $areas === null ? $now->areas : self::areas($areas),
            ]);
            self::note($now);
            $placed->setRawAttributes($now->getAttributes(), true);

            return true;
        });
    }

    /** @return array<string, array{left: int, top: int, width: int, height: int}> */
    private static function areas(Blank $blank): array
    {
        $areas = [];
        foreach ($blank->areas as $area) {
            $areas[$area->code] = ['left' => $area->left, 'top' => $area->top, 'width' => $area->width, 'height' => $area->height];
        }

        return $areas;
    }

    private static function note(Placed $placed): void
    {
        DB::table('placing_revisions')->insert([
            'placing_id' => $placed->id,
            'stall_id' => $placed->stall_id,
            'revision' => $placed->revision,
            'laid' => json_encode($placed->laid, JSON_THROW_ON_ERROR),
            'at' => now(),
        ]);
    }
}
