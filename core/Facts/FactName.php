<?php

declare(strict_types=1);

namespace WindowStall\Core\Facts;

/** What a supplier says of an item, as far as a seller can have a rule for it. */
enum FactName: string
{
    case Title = 'title';
    case Words = 'words';
    case Pictures = 'pictures';
    case Cost = 'cost';
    case Delivery = 'delivery';
    case Stock = 'stock';
    case Options = 'options';
    case NewVariants = 'new';
    case GoneVariants = 'gone';
    case Availability = 'availability';
    case Weight = 'weight';
    case LeadTime = 'lead';
    case Rrp = 'rrp';
    case Codes = 'codes';

    public function words(): string
    {
        return match ($this) {
            self::Title => 'titles',
            self::Words => 'words',
            self::Pictures => 'pictures',
            self::Cost => 'costs',
            self::Delivery => 'delivery costs',
            self::Stock => 'stock',
            self::Options => 'names of options',
            self::NewVariants => 'new variants',
            self::GoneVariants => 'variants that are gone',
            self::Availability => 'items that are gone',
            self::Weight => 'weights',
            self::LeadTime => 'days to post',
            self::Rrp => 'recommended prices',
            self::Codes => 'codes of the same goods',
        };
    }

    /** What becomes of it where nobody said anything. */
    public function begins(): Policy
    {
        return match ($this) {
            self::Cost,
            self::Delivery,
            self::Options,
            self::Stock,
            self::Weight,
            self::LeadTime,
            self::Rrp => Policy::Follow,
            default => Policy::Ask,
        };
    }

    /** @return list<Policy> what can be chosen: stock and days are as they are, whatever one would rather */
    public function choices(): array
    {
        return match ($this) {
            self::Delivery,
            self::Options,
            self::Stock,
            self::Weight,
            self::LeadTime,
            self::Rrp,
            self::Availability,
            self::Codes => [Policy::Follow, Policy::Ask],
            default => Policy::cases(),
        };
    }
}
