<?php

declare(strict_types=1);

namespace WindowStall\Core\Look;

/** A typeface that ships with the program. Its value is the name of its file among the shop's assets. */
enum Face: string
{
    case Archivo = 'archivo';
    case ArchivoWide = 'archivo-wide';
    case BigShoulders = 'big-shoulders';
    case Bitter = 'bitter';
    case Bricolage = 'bricolage-grotesque';
    case Epilogue = 'epilogue';
    case Familjen = 'familjen-grotesk';
    case Figtree = 'figtree';
    case Fraunces = 'fraunces';
    case HeptaSlab = 'hepta-slab';
    case Instrument = 'instrument-sans';
    case JetBrainsMono = 'jetbrains-mono';
    case Karla = 'karla';
    case Literata = 'literata';
    case Manrope = 'manrope';
    case Newsreader = 'newsreader';
    case NewsreaderItalic = 'newsreader-italic';
    case Outfit = 'outfit';
    case WorkSans = 'work-sans';

    /** As people call it. */
    public function words(): string
    {
        return match ($this) {
            self::ArchivoWide => 'Archivo, wide',
            self::Bricolage => 'Bricolage Grotesque',
            self::BigShoulders => 'Big Shoulders',
            self::Familjen => 'Familjen Grotesk',
            self::HeptaSlab => 'Hepta Slab',
            self::Instrument => 'Instrument Sans',
            self::JetBrainsMono => 'JetBrains Mono',
            self::NewsreaderItalic => 'Newsreader, italic',
            self::WorkSans => 'Work Sans',
            default => $this->name,
        };
    }

    /** What stands in until, or unless, the typeface is there: a CSS list of families. */
    public function fallback(): string
    {
        return match ($this) {
            self::Literata, self::Newsreader, self::NewsreaderItalic, self::Fraunces => 'Georgia,serif',
            self::Bitter, self::HeptaSlab => 'Rockwell,Georgia,serif',
            self::JetBrainsMono => 'ui-monospace,monospace',
            self::BigShoulders => 'Impact,sans-serif',
            default => 'system-ui,sans-serif',
        };
    }

    /** @return array{int, int} the lightest and the heaviest weight shipped, as CSS counts them */
    public function weights(): array
    {
        return match ($this) {
            self::Instrument, self::Familjen => [400, 700],
            self::Bricolage, self::Figtree, self::Newsreader, self::NewsreaderItalic => [300, 800],
            self::Outfit => [300, 800],
            self::JetBrainsMono, self::Karla, self::Manrope => [300, 800],
            default => [300, 900],
        };
    }
}
