<?php

declare(strict_types=1);

namespace WindowStall\Core\Drift;

/** What happened, as changes are laid together on the desk. */
enum ChangeGroup: string
{
    case CostUp = 'cost_up';
    case CostDown = 'cost_down';
    case Delivery = 'delivery';
    case ItemGone = 'item_gone';
    case VariantGone = 'variant_gone';
    case Renamed = 'renamed';
    case VariantNew = 'variant_new';
    case Rewritten = 'rewritten';
    case ItemBack = 'item_back';
    case SoldOut = 'sold_out';
    case BackInStock = 'back_in_stock';
    case Options = 'options';
    case Weight = 'weight';
    case LeadTime = 'lead_time';
    case Rrp = 'rrp';

    /** @param  int|null  $movedBp  how far a cost moved, in basis points of what it was */
    public static function of(ChangeKind $kind, ?int $movedBp): self
    {
        return match ($kind) {
            ChangeKind::Cost => $movedBp !== null && $movedBp < 0 ? self::CostDown : self::CostUp,
            ChangeKind::VariantRenamed, ChangeKind::ItemRenamed => self::Renamed,
            ChangeKind::Title, ChangeKind::Words, ChangeKind::Pictures => self::Rewritten,
            default => self::from($kind->value),
        };
    }

    /** Where it stands on the desk: what costs most to leave lying comes first. */
    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
