<?php

declare(strict_types=1);

namespace WindowStall\Standins\Tannet\Plates;

/**
 * One photograph of a blank, drawn: the picture in a colour, and what whoever lays artwork on it needs besides: a mask of
 * where ink can lie, the light on it, and how far its folds move what lies on them. All of {@see SIDE} units a side.
 */
final readonly class Plate
{
    public const SIDE = 2000;

    /** By how many units the displacement moves at its utmost. */
    public const REACH = 12;

    public Shape $shape;

    public function __construct(string $shape, private Scene $scene)
    {
        $this->shape = Shape::of($shape);
    }

    /** Units for a millimetre, and where the sheet's corner and middle lie. */
    private function place(): Placed
    {
        $shape = $this->shape;
        $stuff = $shape->stuff;
        [$share, $turn] = match ($this->scene) {
            Scene::Flat => [.9, 0],
            Scene::Hanging => [$stuff === Stuff::Clay ? .8 : .84, $stuff === Stuff::Clay ? 0 : -2],
            Scene::InPlace => [match ($stuff) {
                Stuff::Paper => .62,
                Stuff::Clay => .7,
                default => 1.0,
            }, 0],
        };
        $units = self::SIDE * $share / max($shape->width, $shape->height);
        $down = match (true) {
            // Pots stand on what is drawn for them; what hangs, hangs from the line; pictures hang high.
            $stuff === Stuff::Clay && $this->scene === Scene::Flat => 0,
            $stuff === Stuff::Clay => 1568 - 1000 - 42 * $units,
            $this->scene === Scene::Hanging && $stuff !== Stuff::Paper => 215 - 1000 - $units * (Setting::pegs($shape)[2] - $shape->height / 2),
            $this->scene === Scene::InPlace && $stuff === Stuff::Paper => -120,
            default => 10,
        };

        return new Placed($shape, $units, $turn, $down);
    }

    /** @param  string  $colour  "#dccdb0" */
    public function picture(string $colour): string
    {
        $shape = $this->shape;
        $in = fn (string $svg, float $shade): string => str_replace('%s', Tone::shade($colour, $shade), $svg);
        $body = '<path d="'.$shape->outline.'"';
        $cloth = $in($shape->behind, .3).
            $body.' fill="'.$colour.'"/>'.
            ($shape->stuff === Stuff::Clay ? $this->glaze() : '').
            (! $shape->stuff->isWoven() ? '' : $body.' fill="url(#threads)"/>').
            '<g clip-path="url(#body)">'.$this->folds('#120c06', '#fff', .3, .1).'</g>'.
            ($shape->seams === '' ? '' : '<path d="'.$shape->seams.'" fill="none" stroke="'.Tone::shade($colour, .35).
                '" stroke-width="'.(max($shape->width, $shape->height) / 360).'" stroke-dasharray="'.
                (max($shape->width, $shape->height) / 130).' '.(max($shape->width, $shape->height) / 220).'"/>').
            $in($shape->before, .12);

        return $this->sheet(
            Setting::behind($this->scene, $shape).
                '<g filter="url(#cast)" opacity=".38"><g transform="translate(16 26)">'.
                $this->place()->put($body.' fill="#1a120a"/>').'</g></g>'.
                Setting::wearer($this->scene, $shape, $this->place()).
                $this->place()->put($cloth).
                Setting::before($this->scene, $shape, $this->place()),
        );
    }

    /** White where ink can lie. */
    public function mask(): string
    {
        return $this->sheet(
            '<rect width="2000" height="2000" fill="#000"/>'.
                $this->place()->put(
                    '<path d="'.$this->shape->outline.'" fill="#fff"/>'.str_replace('%s', '#000', $this->shape->before),
                ),
        );
    }

    /** Grey: 224 is as the ink is, darker in shade, lighter where the light lies. */
    public function shading(): string
    {
        $body = '<path d="'.$this->shape->outline.'"';

        return $this->sheet(
            '<rect width="2000" height="2000" fill="#e0e0e0"/>'.
                $this->place()->put(
                    '<g clip-path="url(#body)">'.
                        ($this->shape->stuff === Stuff::Clay ? $this->glaze() : '').
                        $this->folds('#000', '#fff', .36, .16).
                        (! $this->shape->stuff->isWoven() ? '' : $body.' fill="url(#threads)"/>').'</g>',
                ),
        );
    }

    /** Red moves across, green down; 128 is nowhere. */
    public function displacement(): string
    {
        return $this->sheet(
            '<rect width="2000" height="2000" fill="#808080"/>'.
                $this->place()->put($this->folds('#c8a080', '#386080', .8, .8)),
        );
    }

    /** @return array<string, mixed> how a rectangle on the flat blank lies on this plate; units */
    public function geometry(Area $area): array
    {
        $placed = $this->place();
        if ($this->shape->stuff === Stuff::Clay) {
            return [
                'form' => 'round',
                'left' => $placed->point(20, 0)[0],
                'right' => $placed->point(96, 0)[0],
                'top' => $placed->point(0, $area->top)[1],
                'bottom' => $placed->point(0, $area->top + $area->height)[1],
                // Half of the pot is seen, the middle of what goes round it in front: so many millimetres.
                'span' => round(M_PI * (96 - 20) / 2, 1),
            ];
        }

        return [
            'form' => 'flat',
            'corners' => [
                $placed->point($area->left, $area->top),
                $placed->point($area->left + $area->width, $area->top),
                $placed->point($area->left + $area->width, $area->top + $area->height),
                $placed->point($area->left, $area->top + $area->height),
            ],
        ];
    }

    private function folds(string $dark, string $light, float $deep, float $bright): string
    {
        $wide = $this->shape->stuff->fold() * max($this->shape->width, $this->shape->height) / 900;
        if ($this->shape->folds === '' || $wide <= 0) {
            return '';
        }
        $deeper = $this->scene === Scene::Flat ? 1 : 1.35;

        return sprintf(
            '<g fill="none" stroke-linecap="round" filter="url(#fold)"><path d="%s" stroke="%s" stroke-opacity="%.2F" '.
                'stroke-width="%.1F" transform="translate(%.1F 0)"/><path d="%1$s" stroke="%s" stroke-opacity="%.2F" '.
                'stroke-width="%.1F" transform="translate(%.1F 0)"/></g>',
            $this->shape->folds,
            $dark,
            min(1, $deep * $deeper),
            $wide,
            $wide * .45,
            $light,
            min(1, $bright * $deeper),
            $wide * .5,
            -$wide * .6,
        );
    }

    /** A turned pot: dark at both sides, a soft light on its left. */
    private function glaze(): string
    {
        return '<path d="'.$this->shape->outline.'" fill="url(#round)"/>';
    }

    private function sheet(string $drawn): string
    {
        $blur = $this->shape->stuff->fold() * max($this->shape->width, $this->shape->height) / 900 * .42;

        return '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 2000 2000" width="2000" height="2000"><defs>'.
            '<filter id="cast" filterUnits="userSpaceOnUse" x="-100" y="-100" width="2200" height="2200">'.
            '<feGaussianBlur stdDeviation="26"/></filter>'.
            sprintf('<filter id="fold" filterUnits="userSpaceOnUse" x="-60" y="-60" width="%d" height="%d">',
                $this->shape->width + 120, $this->shape->height + 120).
            sprintf('<feGaussianBlur stdDeviation="%.1F"/></filter>', max(.1, $blur)).
            '<clipPath id="body"><path d="'.$this->shape->outline.'"/></clipPath>'.
            '<linearGradient id="round"><stop offset="0" stop-color="#100a04" stop-opacity=".4"/>'.
            '<stop offset=".22" stop-color="#fff" stop-opacity=".34"/><stop offset=".5" stop-color="#fff" stop-opacity="0"/>'.
            '<stop offset="1" stop-color="#100a04" stop-opacity=".52"/></linearGradient>'.
            Setting::DEFS.$this->shape->stuff->tile(max($this->shape->width, $this->shape->height) / 900).'</defs>'.$drawn.'</svg>';
    }
}
