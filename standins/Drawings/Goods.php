<?php

declare(strict_types=1);

namespace WindowStall\Standins\Drawings;

/**
 * Draws one of the goods by name. A drawing is a method of one of the parts below: it takes the scene and a main colour
 * (its colourway) and gives SVG.
 */
final readonly class Goods
{
    /** @var array<string, array{class-string, string}> */
    public const DRAWINGS = [
        'trowel' => [HandTools::class, 'trowel'],
        'fork' => [HandTools::class, 'fork'],
        'spade' => [HandTools::class, 'spade'],
        'dibber' => [HandTools::class, 'dibber'],
        'rake' => [HandTools::class, 'rake'],
        'knife' => [HandTools::class, 'knife'],
        'snips' => [HandTools::class, 'snips'],
        'hoe' => [HandTools::class, 'hoe'],
        'twine' => [Ties::class, 'twine'],
        'twinetin' => [Ties::class, 'twineTin'],
        'labels' => [Ties::class, 'labels'],
        'seedtin' => [Ties::class, 'seedTin'],
        'canes' => [Ties::class, 'canes'],
        'netting' => [Ties::class, 'netting'],
        'propagator' => [Glass::class, 'propagator'],
        'coldframe' => [Glass::class, 'coldFrame'],
        'cloche' => [Glass::class, 'cloche'],
        'gauge' => [Glass::class, 'gauge'],
        'thermometer' => [Glass::class, 'thermometer'],
        'rose' => [Water::class, 'rose'],
        'mister' => [Water::class, 'mister'],
        'can' => [Water::class, 'can'],
        'gloves' => [Cloth::class, 'gloves'],
        'kneeler' => [Cloth::class, 'kneeler'],
        'apron' => [Cloth::class, 'apron'],
        'growbag' => [Cloth::class, 'growBag'],
        'tee' => [Blanks::class, 'tee'],
        'tote' => [Blanks::class, 'tote'],
        'mug' => [Blanks::class, 'mug'],
        'teatowel' => [Blanks::class, 'teaTowel'],
        'poster' => [Blanks::class, 'poster'],
        'trug' => [Vessels::class, 'trug'],
        'sieve' => [Vessels::class, 'sieve'],
        'pots' => [Vessels::class, 'pots'],
        'tray' => [Vessels::class, 'tray'],
    ];

    /** @throws \OutOfBoundsException when no drawing has that name */
    public static function svg(string $drawing, string $colour, View $view, int $ground, int $pixels = 800): string
    {
        [$part, $method] =
            self::DRAWINGS[$drawing] ?? throw new \OutOfBoundsException('No drawing is called '.$drawing.'.');
        $scene = new Scene($ground);
        $draw = [new $part($scene), $method];
        \assert(is_callable($draw));
        $body = $draw($colour);

        return $scene->svg($body, $view, $pixels);
    }
}
