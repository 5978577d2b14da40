<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Print;

use WindowStall\Core\Money\Money;
use WindowStall\Core\Print\ArtworkFacts;
use WindowStall\Core\Source\Blank;
use WindowStall\Core\Source\PrintArea;
use WindowStall\Core\Source\PrintLimits;
use WindowStall\Core\Source\PrintMethod;

/** Blanks and drawings that tests lay on each other. */
final class Prints
{
    public static function tee(): Blank
    {
        $areas = [
            new PrintArea('front', 'Front', 300, 400, 350, 105, 8, 0, 'the collar'),
            new PrintArea('back', 'Back', 300, 400, 350, 90, 8),
        ];
        $euros = static fn (int $cents): Money => Money::of($cents, 'EUR');

        return new Blank(
            $areas,
            [
                new PrintMethod(
                    'direct',
                    'Direct print',
                    $euros(420),
                    $euros(310),
                    ['front', 'back'],
                    ['back' => $euros(350)],
                    $euros(90),
                    new PrintLimits(150, 300, 600, 4, breaks: [[10, 300], [25, 700]]),
                ),
                new PrintMethod(
                    'stitch',
                    'Embroidery',
                    $euros(760),
                    $euros(560),
                    ['front'],
                    limits: new PrintLimits(100, 200, 600, 12, threads: 3, reach: 62, soft: false),
                ),
            ],
            colours: ['Oat' => '#dccdb0', 'White' => '#f2efe8', 'Ink' => '#2f3440', 'Bottle' => '#24423a'],
            dark: ['Ink', 'Bottle'],
        );
    }

    public static function poster(): Blank
    {
        return new Blank(
            [new PrintArea('sheet', 'Sheet', 297, 420, 20, 20, 8, 3, 'the top edge')],
            [
                new PrintMethod(
                    'paper',
                    'Pigment print',
                    Money::of(280, 'EUR'),
                    Money::of(0, 'EUR'),
                    ['sheet'],
                    limits: new PrintLimits(150, 300, 600, 1, format: 'pdf'),
                ),
            ],
            colours: ['Natural white' => '#f6f1e4'],
            scales: ['A5' => 500, 'A3' => 1000, 'A2' => 1414],
        );
    }

    /** @param  list<array{string, int}>  $colours */
    public static function drawing(
        int $width = 1417,
        int $height = 2126,
        array $colours = [['#2e5d3c', 900], ['#f4efe2', 100]],
        int $soft = 0,
        int $line = 770,
        bool $vector = false,
    ): ArtworkFacts {
        return new ArtworkFacts($width, $height, $vector, true, $colours, $soft, $line);
    }
}
