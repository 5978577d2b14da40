<?php

declare(strict_types=1);

namespace WindowStall\Core\Look;

/** A ready look: every brand decision made once, well, to begin from. */
enum StarterLook: string
{
    case SeedPacket = 'seed-packet';
    case LeadLabel = 'lead-label';
    case LampShed = 'lamp-shed';
    case Barrow = 'barrow';
    case PressedFlower = 'pressed-flower';
    case EnamelSign = 'enamel-sign';
    case Timetable = 'timetable';
    case Plaster = 'plaster';

    public function words(): string
    {
        return match ($this) {
            self::SeedPacket => 'Seed packet',
            self::LeadLabel => 'Lead label',
            self::LampShed => 'Lamp shed',
            self::Barrow => 'Barrow',
            self::PressedFlower => 'Pressed flower',
            self::EnamelSign => 'Enamel sign',
            self::Timetable => 'Timetable',
            self::Plaster => 'Plaster',
        };
    }

    public function about(): string
    {
        return match ($this) {
            self::SeedPacket => 'Straw paper, soft corners, an arch for what matters',
            self::LeadLabel => 'White, hairlines, numbered like a printed list',
            self::LampShed => 'Evening, one lamp, amber',
            self::Barrow => 'One loud colour, thick rules, prices first',
            self::PressedFlower => 'Much air, plates with captions',
            self::EnamelSign => 'Thick outlines, coloured shadows, pills',
            self::Timetable => 'Rules and figures, days of arrival in front',
            self::Plaster => 'Beige and grey, large rounds, few words',
        };
    }

    /** @return non-empty-list<Colour> the brand's own first */
    public function colours(): array
    {
        return array_map(
            Colour::hex(...),
            match ($this) {
                self::SeedPacket => ['#2c5a43', '#c3502f', '#ecd9ab'],
                self::LeadLabel => ['#7a2e22', '#7a2e22', '#b8ada0'],
                self::LampShed => ['#eaa94a', '#e8865a', '#7d8a5c'],
                self::Barrow => ['#f7d23e', '#d3301f', '#141414'],
                self::PressedFlower => ['#3c562d', '#8c3f54', '#b9c0a8'],
                self::EnamelSign => ['#17324d', '#d8412f', '#e8b23c'],
                self::Timetable => ['#10203a', '#c8291f', '#5f7fa8'],
                self::Plaster => ['#5a5148', '#a2573c', '#b9ab98'],
            },
        );
    }

    public function brand(): Colour
    {
        return $this->colours()[0];
    }

    public function plan(): LookPlan
    {
        return new LookPlan(
            build: $this->build(),
            mood: $this->mood(),
            colours: $this->colours(),
            pair: $this->pair(),
            size: TypeSize::Middle,
            weight: TypeWeight::Own,
            shape: $this->shape(),
            pictures: $this->pictures(),
        );
    }

    public function mood(): Mood
    {
        return match ($this) {
            self::SeedPacket => Mood::Paper,
            self::LeadLabel, self::PressedFlower => Mood::Chalk,
            self::LampShed => Mood::Dusk,
            self::Barrow => Mood::Flood,
            self::EnamelSign => Mood::Mist,
            self::Timetable, self::Plaster => Mood::Plaster,
        };
    }

    private function build(): Build
    {
        return match ($this) {
            self::SeedPacket => Build::Packet,
            self::LeadLabel => Build::Label,
            self::LampShed => Build::Lamp,
            self::Barrow => Build::Barrow,
            self::PressedFlower => Build::Plate,
            self::EnamelSign => Build::Enamel,
            self::Timetable => Build::Timetable,
            self::Plaster => Build::Plaster,
        };
    }

    private function pair(): TypePair
    {
        return match ($this) {
            self::SeedPacket => TypePair::Packet,
            self::LeadLabel => TypePair::Printed,
            self::LampShed => TypePair::Sign,
            self::Barrow => TypePair::Shout,
            self::PressedFlower => TypePair::Plate,
            self::EnamelSign => TypePair::Enamel,
            self::Timetable => TypePair::Board,
            self::Plaster => TypePair::Plain,
        };
    }

    private function shape(): Shape
    {
        return match ($this) {
            self::SeedPacket => new Shape(Corner::Soft, LineStyle::Hair, Shadow::None, Density::Even),
            self::LeadLabel => new Shape(Corner::Square, LineStyle::Hair, Shadow::None, Density::Even),
            self::LampShed => new Shape(Corner::Eased, LineStyle::None, Shadow::Soft, Density::Close),
            self::Barrow => new Shape(Corner::Square, LineStyle::Bold, Shadow::None, Density::Close),
            self::PressedFlower => new Shape(Corner::Square, LineStyle::Hair, Shadow::None, Density::Airy),
            self::EnamelSign => new Shape(Corner::Round, LineStyle::Bold, Shadow::Hard, Density::Even),
            self::Timetable => new Shape(Corner::Square, LineStyle::Hair, Shadow::None, Density::Close),
            self::Plaster => new Shape(Corner::Round, LineStyle::None, Shadow::None, Density::Airy),
        };
    }

    private function pictures(): PictureManner
    {
        return match ($this) {
            self::SeedPacket, self::LeadLabel => new PictureManner(
                Ratio::Square,
                PictureGround::Own,
                PictureFrame::None,
            ),
            self::LampShed => new PictureManner(Ratio::Square, PictureGround::Lamp, PictureFrame::None),
            self::Barrow => new PictureManner(Ratio::Landscape, PictureGround::Tone, PictureFrame::None),
            self::PressedFlower => new PictureManner(Ratio::Portrait, PictureGround::Own, PictureFrame::Plate),
            self::EnamelSign => new PictureManner(Ratio::Square, PictureGround::Own, PictureFrame::Line),
            self::Timetable => new PictureManner(Ratio::Square, PictureGround::Own, PictureFrame::None),
            self::Plaster => new PictureManner(Ratio::Portrait, PictureGround::Tone, PictureFrame::None),
        };
    }
}
