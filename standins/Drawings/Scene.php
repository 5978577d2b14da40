<?php

declare(strict_types=1);

namespace WindowStall\Standins\Drawings;

/**
 * A sheet of 400 × 400 on which goods are drawn: one light from the upper left, a quiet ground, soft shadows.
 *
 * A drawing asks it for gradients and shadows and gives back SVG; the scene puts the whole together.
 */
final class Scene
{
    /** @var list<string> */
    private array $defs = [];

    private int $count = 0;

    /** Grounds that sit well behind the goods, upper and lower tone. */
    private const GROUNDS = [
        ['#f0e8da', '#e2d5be'],
        ['#e9eadd', '#d5d9c4'],
        ['#ece8df', '#dad2c2'],
        ['#e6ece8', '#d0dad2'],
        ['#efe4dc', '#e0cfc2'],
        ['#e8e9ec', '#d3d6da'],
    ];

    public function __construct(private readonly int $ground)
    {
    }

    /** A round or curved surface lit from the left: dark edge, light, body, dark edge. */
    public function round(string $hex): string
    {
        return $this->gradient(
            [[0, self::shade($hex, 0.22)], [30, self::tint($hex, 0.3)], [60, $hex], [100, self::shade($hex, 0.42)]],
            '0',
            '0',
            '1',
            '0',
        );
    }

    /** A shiny round surface, such as steel or brass. */
    public function metal(string $hex): string
    {
        return $this->gradient(
            [
                [0, self::shade($hex, 0.25)],
                [22, self::tint($hex, 0.15)],
                [36, self::tint($hex, 0.72)],
                [52, $hex],
                [84, self::shade($hex, 0.3)],
                [100, self::shade($hex, 0.1)],
            ],
            '0',
            '0',
            '1',
            '0',
        );
    }

    /** A flat face lit from above. */
    public function face(string $hex): string
    {
        return $this->gradient([[0, self::tint($hex, 0.14)], [100, self::shade($hex, 0.14)]], '0', '0', '0.5', '1');
    }

    /** A roll lying down, lit from above. */
    public function gradientDown(string $hex): string
    {
        return $this->gradient(
            [[0, self::shade($hex, 0.1)], [28, self::tint($hex, 0.28)], [60, $hex], [100, self::shade($hex, 0.45)]],
            '0',
            '0',
            '0',
            '1',
        );
    }

    /** Shade towards both sides, laid over something striped. */
    public function veil(): string
    {
        return $this->gradient(
            [[0, '#14200a', 0.38], [30, '#ffffff', 0.12], [60, '#000000', 0.0], [100, '#14200a', 0.48]],
            '0',
            '0',
            '1',
            '0',
        );
    }

    /** Clear glass or plastic with a breath of colour. */
    public function glass(string $hex = '#cfe0dc'): string
    {
        return $this->gradient(
            [[0, '#ffffff', 0.75], [18, $hex, 0.3], [70, $hex, 0.22], [100, self::shade($hex, 0.35), 0.55]],
            '0',
            '0',
            '1',
            '0',
        );
    }

    /** What lies behind the goods and away from the light. */
    public function cast(string $shape, int $dx = 13, int $dy = 15): string
    {
        return '<g transform="translate('.
            $dx.
            ' '.
            $dy.
            ')" opacity=".30" filter="url(#soft)" fill="#1f170f" stroke="#1f170f" stroke-width="0">'.
            $shape.
            '</g>';
    }

    /** The shadow of something that stands. */
    public function stands(int $x, int $y, int $rx, int $ry = 15): string
    {
        return '<ellipse cx="'.
            ($x + 10).
            '" cy="'.
            $y.
            '" rx="'.
            $rx.
            '" ry="'.
            $ry.
            '" fill="#231a10" opacity=".36" filter="url(#soft)"/>';
    }

    /** @param  string  $body what {@see Goods} drew on this scene */
    public function svg(string $body, View $view, int $pixels): string
    {
        [$top, $bottom] = self::GROUNDS[$this->ground % count(self::GROUNDS)];
        $placed = match ($view) {
            View::Whole => $body,
            View::Close => '<g transform="translate(200 200) scale(1.72) translate(-200 -205)">'.$body.'</g>',
            View::Pair => '<g transform="translate(-26 38) scale(.76)">'.
                $body.
                '</g><g transform="translate(132 66) scale(.76)">'.
                $body.
                '</g>',
            View::Turned => '<g transform="translate(400 0) scale(-1 1) rotate(-9 200 200)">'.$body.'</g>',
        };

        return '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 400 400" width="'.
            $pixels.
            '" height="'.
            $pixels.
            '"><defs>'.
            '<linearGradient id="ground" x1="0" y1="0" x2="0.35" y2="1"><stop offset="0" stop-color="'.
            $top.
            '"/><stop offset="1" stop-color="'.
            $bottom.
            '"/></linearGradient>'.
            '<radialGradient id="light" cx=".26" cy=".16" r=".8">'.
            '<stop offset="0" stop-color="#fff" stop-opacity=".5"/>'.
            '<stop offset="1" stop-color="#fff" stop-opacity="0"/></radialGradient>'.
            '<filter id="soft" filterUnits="userSpaceOnUse" x="-200" y="-200" width="800" height="800">'.
            '<feGaussianBlur stdDeviation="9"/></filter>'.
            implode('', $this->defs).
            '</defs><rect width="400" height="400" fill="url(#ground)"/>'.
            '<rect width="400" height="400" fill="url(#light)"/>'.
            $placed.
            '</svg>';
    }

    public static function tint(string $hex, float $by): string
    {
        return self::mix($hex, '#ffffff', $by);
    }

    public static function shade(string $hex, float $by): string
    {
        return self::mix($hex, '#14100b', $by);
    }

    private static function mix(string $one, string $other, float $by): string
    {
        $mixed = array_map(
            static fn (string $a, string $b): int => (int) round(hexdec($a) * (1 - $by) + hexdec($b) * $by),
            str_split(substr($one, 1), 2),
            str_split(substr($other, 1), 2),
        );

        return sprintf('#%02x%02x%02x', ...$mixed);
    }

    /** @param  list<array{0: int, 1: string, 2?: float}>  $stops percent, colour, opacity */
    private function gradient(array $stops, string $x1, string $y1, string $x2, string $y2): string
    {
        $id = 'g'.++$this->count;
        $lines = '';
        foreach ($stops as $stop) {
            $lines .=
                '<stop offset="'.
                $stop[0].
                '%" stop-color="'.
                $stop[1].
                '"'.
                (isset($stop[2]) ? ' stop-opacity="'.$stop[2].'"' : '').
                '/>';
        }
        $this->defs[] =
            '<linearGradient id="'.
            $id.
            '" x1="'.
            $x1.
            '" y1="'.
            $y1.
            '" x2="'.
            $x2.
            '" y2="'.
            $y2.
            '">'.
            $lines.
            '</linearGradient>';

        return 'url(#'.$id.')';
    }
}
