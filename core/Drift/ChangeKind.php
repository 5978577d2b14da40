<?php

declare(strict_types=1);

namespace WindowStall\Core\Drift;

use WindowStall\Core\Facts\FactName;

/** What a supplier can change about an item between two pulls. */
enum ChangeKind: string
{
    case Title = 'title';
    case Words = 'words';
    case Pictures = 'pictures';
    case Cost = 'cost';
    case SoldOut = 'sold_out';
    case BackInStock = 'back_in_stock';
    case VariantGone = 'variant_gone';
    case VariantNew = 'variant_new';
    case Weight = 'weight';

    /** What delivery of one piece to the home market costs. */
    case Delivery = 'delivery';

    /** What a variant's options are called, and their values. */
    case Options = 'options';
    case LeadTime = 'lead_time';
    case Rrp = 'rrp';
    case ItemGone = 'item_gone';
    case ItemBack = 'item_back';

    /** A variant, or an item, that seems to stand there under another code. */
    case VariantRenamed = 'variant_as';
    case ItemRenamed = 'item_as';

    /** Over these a price waits; a variant has one price, whichever of them moved it. */
    public const PRICES = [self::Cost, self::Delivery];

    /** What of an item it changes, for which a seller can have a rule. */
    public function fact(): FactName
    {
        return match ($this) {
            self::Title => FactName::Title,
            self::Words => FactName::Words,
            self::Pictures => FactName::Pictures,
            self::Cost => FactName::Cost,
            self::SoldOut, self::BackInStock => FactName::Stock,
            self::VariantGone => FactName::GoneVariants,
            self::VariantNew => FactName::NewVariants,
            self::Weight => FactName::Weight,
            self::Delivery => FactName::Delivery,
            self::Options => FactName::Options,
            self::LeadTime => FactName::LeadTime,
            self::Rrp => FactName::Rrp,
            self::ItemGone, self::ItemBack => FactName::Availability,
            self::VariantRenamed, self::ItemRenamed => FactName::Codes,
        };
    }

    /** Whether a price waits over it. */
    public function prices(): bool
    {
        return in_array($this, self::PRICES, true);
    }

    /** What undoes it: when the one comes while the other is open, there is nothing left to ask. */
    public function opposite(): ?self
    {
        return match ($this) {
            self::VariantNew => self::VariantGone,
            self::VariantGone => self::VariantNew,
            self::ItemGone => self::ItemBack,
            self::ItemBack => self::ItemGone,
            default => null,
        };
    }

    /** Whether what was agreed goes on being shown while it waits. */
    public function waits(): bool
    {
        return in_array($this, [self::Title, self::Words, self::Pictures, self::Cost, self::Delivery], true);
    }
}
