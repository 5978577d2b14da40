<?php

declare(strict_types=1);

namespace WindowStall\Core\Look;

/** A typeface for names and headings and one for everything else, chosen to stand well together. */
enum TypePair: string
{
    case Packet = 'packet';
    case Printed = 'printed';
    case Sign = 'sign';
    case Shout = 'shout';
    case Plate = 'plate';
    case Enamel = 'enamel';
    case Board = 'board';
    case Plain = 'plain';
    case Orchard = 'orchard';
    case Ledger = 'ledger';
    case Counter = 'counter';
    case Workshop = 'workshop';
    case Letter = 'letter';

    public function words(): string
    {
        return match ($this) {
            self::Packet => 'Round and friendly',
            self::Printed => 'Bookish',
            self::Sign => 'Wide as a shop sign',
            self::Shout => 'Tall and loud',
            self::Plate => 'Fine, with italics',
            self::Enamel => 'Slab, as on enamel',
            self::Board => 'Figures in columns',
            self::Plain => 'Light and simple',
            self::Orchard => 'Soft old-style',
            self::Ledger => 'Sturdy and clear',
            self::Counter => 'Even and modern',
            self::Workshop => 'Practical',
            self::Letter => 'A letter from a friend',
        };
    }

    public function display(): Face
    {
        return match ($this) {
            self::Packet => Face::Bricolage,
            self::Printed => Face::Literata,
            self::Sign => Face::ArchivoWide,
            self::Shout => Face::BigShoulders,
            self::Plate => Face::NewsreaderItalic,
            self::Enamel => Face::HeptaSlab,
            self::Board => Face::Epilogue,
            self::Plain => Face::Outfit,
            self::Orchard => Face::Fraunces,
            self::Ledger => Face::Bitter,
            self::Counter => Face::Manrope,
            self::Workshop => Face::Archivo,
            self::Letter => Face::Newsreader,
        };
    }

    public function text(): Face
    {
        return match ($this) {
            self::Packet, self::Printed => Face::Instrument,
            self::Sign => Face::Archivo,
            self::Shout, self::Enamel => Face::Familjen,
            self::Plate => Face::Newsreader,
            self::Board => Face::JetBrainsMono,
            self::Plain => Face::Outfit,
            self::Orchard => Face::Figtree,
            self::Ledger => Face::WorkSans,
            self::Counter => Face::Manrope,
            self::Workshop => Face::Karla,
            self::Letter => Face::WorkSans,
        };
    }

    /** The weight headings have when the seller says nothing about it, as CSS counts weights. */
    public function weight(): int
    {
        return match ($this) {
            self::Plain => 300,
            self::Plate => 500,
            self::Printed, self::Letter => 560,
            self::Orchard, self::Board, self::Workshop, self::Ledger => 640,
            self::Packet, self::Counter => 700,
            self::Sign, self::Shout, self::Enamel => 800,
        };
    }

    /** Space between the letters of headings, in hundredths of an em; tall and light ones want less. */
    public function tracking(): int
    {
        return match ($this) {
            self::Packet, self::Counter, self::Board => -2,
            self::Plain, self::Orchard, self::Letter => -1,
            self::Shout, self::Sign, self::Enamel, self::Plate, self::Printed => 0,
            self::Ledger, self::Workshop => -1,
        };
    }

    /** How large headings stand against the text, in hundredths: narrow faces can be larger in the same width. */
    public function size(): int
    {
        return match ($this) {
            self::Shout => 150,
            self::Plate, self::Letter, self::Orchard => 108,
            self::Sign => 84,
            self::Enamel => 88,
            self::Board => 92,
            default => 100,
        };
    }
}
