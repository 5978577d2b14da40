<?php

declare(strict_types=1);

namespace WindowStall\Core\Look;

/** A ready look: a mood and a brand colour to begin with, a pair of typefaces, a shape. */
enum StarterLook: string
{
    case SeedPacket = 'seed-packet';
    case LeadLabel = 'lead-label';
    case LampShed = 'lamp-shed';

    public function words(): string
    {
        return match ($this) {
            self::SeedPacket => 'Seed packet', self::LeadLabel => 'Lead label', self::LampShed => 'Lamp shed',
        };
    }

    public function about(): string
    {
        return match ($this) {
            self::SeedPacket => 'Straw paper, round letters, soft corners',
            self::LeadLabel => 'White and plain, a bookish serif, square edges',
            self::LampShed => 'Dark as an evening shed, wide letters, small corners',
        };
    }

    public function brand(): Colour
    {
        return Colour::hex(match ($this) {
            self::SeedPacket => '#2c5a43', self::LeadLabel => '#7a3b2e', self::LampShed => '#e0a84a',
        });
    }

    public function mood(): Mood
    {
        return match ($this) {
            self::SeedPacket => Mood::Paper, self::LeadLabel => Mood::Chalk, self::LampShed => Mood::Dusk,
        };
    }

    /** The typeface of names and headings, as shipped. */
    public function displayFace(): string
    {
        return match ($this) {
            self::SeedPacket => 'bricolage-grotesque', self::LeadLabel => 'literata', self::LampShed => 'archivo',
        };
    }

    /** The typeface of everything else. */
    public function textFace(): string
    {
        return match ($this) {
            self::SeedPacket, self::LeadLabel => 'instrument-sans', self::LampShed => 'figtree',
        };
    }

    /** Corner radius in CSS pixels. */
    public function radius(): int
    {
        return match ($this) {
            self::SeedPacket => 12, self::LeadLabel => 0, self::LampShed => 4,
        };
    }

    /** Weight of headings. */
    public function displayWeight(): int
    {
        return match ($this) {
            self::SeedPacket => 680, self::LeadLabel => 520, self::LampShed => 620,
        };
    }
}
