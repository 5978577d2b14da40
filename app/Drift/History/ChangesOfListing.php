<?php

declare(strict_types=1);

namespace WindowStall\Drift\History;

use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\OpenChanges;
use WindowStall\Bench\Views\ChangeView;
use WindowStall\Core\Drift\ChangeKind;
use WindowStall\Core\Drift\Standing;
use WindowStall\Core\Facts\FactName;
use WindowStall\Drift\DriftChange;

/** What waits about one listing, as its own page tells it. */
final class ChangesOfListing implements OpenChanges
{
    public function of(ListingFigures $figures): array
    {
        if ($figures->listing->changes_count === 0) {
            return [];
        }
        $open = DriftChange::query()->where('listing_id', $figures->listing->id)->where('standing', Standing::Asks)
            ->orderBy('id')->limit(50)->get();

        return array_values($open->map(static fn (DriftChange $change): ChangeView => new ChangeView(
            kind: $change->kind->value,
            about: self::label($figures, $change),
            before: $change->before,
            after: $change->after,
            effect: self::effect($change),
            bad: $change->under_floor || in_array($change->kind, [ChangeKind::VariantGone, ChangeKind::ItemGone], true),
        ))->all());
    }

    private static function label(ListingFigures $f, DriftChange $change): string
    {
        $own = $change->listing_variant_id === null ? '' : $f->labelOf($change->listing_variant_id);

        return $own !== '' ? $own : ($change->about === '' ? 'The item' : $change->about);
    }

    private static function effect(DriftChange $change): string
    {
        return match (true) {
            $change->under_floor => 'It stands under its floor and isn’t sold until you say.',
            $change->kind->prices() => 'The price stays until you say.',
            in_array($change->kind, [ChangeKind::VariantGone, ChangeKind::ItemGone], true) => 'Shoppers can’t buy it.',
            $change->kind->fact() === FactName::Codes => 'Shoppers can’t buy it until you agree.',
            $change->kind === ChangeKind::VariantNew => 'Not shown until you agree.',
            $change->kind->waits() => 'What you agreed to is shown until you say.',
            default => '',
        };
    }
}
