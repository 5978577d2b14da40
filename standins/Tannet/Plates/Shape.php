<?php

declare(strict_types=1);

namespace WindowStall\Standins\Tannet\Plates;

/**
 * A blank as it lies flat, drawn in millimetres: its outline, what is sewn or moulded on it, and where it folds.
 *
 * Folds are paths along which the cloth rises: light lies on their left, shade on their right.
 */
final readonly class Shape
{
    /**
     * @param  int  $width  of the sheet it is drawn on, in millimetres
     * @param  string  $outline  path data
     * @param  string  $behind  SVG under the outline, such as a handle or the inside of a collar; %s where its colour stands
     * @param  string  $seams  path data of stitches
     * @param  string  $folds  path data
     * @param  string  $before  SVG over the print, such as a strap; %s where its colour stands
     */
    public function __construct(
        public int $width,
        public int $height,
        public string $outline,
        public string $behind,
        public string $seams,
        public string $folds,
        public string $before = '',
        public Stuff $stuff = Stuff::Jersey,
    ) {
    }

    public static function of(string $name): self
    {
        return match ($name) {
            'tee' => new self(
                1000,
                760,
                'M400 20 q100 64 200 0 l140 50 q30 12 44 42 l96 190 q5 14 -10 21 l-104 46 q-12 4 -18 -8 l-16 -61 v414 '.
                    'q0 16 -18 17 q-214 16 -428 0 q-18 -1 -18 -17 v-414 l-16 61 q-6 12 -18 8 l-104 -46 q-15 -7 -10 -21 '.
                    'l96 -190 q14 -30 44 -42 z',
                '<path d="M400 20 q100 -26 200 0 q-100 74 -200 0z" fill="%s"/>',
                'M286 700 q214 16 428 0 M136 296 l112 50 M864 296 l-112 50 M392 24 q108 78 216 0',
                'M286 330 q34 60 26 150 M300 420 q14 90 2 240 M712 340 q-40 70 -22 170 M700 470 q-18 90 4 200 '.
                    'M292 560 q50 70 150 74 M706 610 q-60 60 -140 62 M262 130 q36 60 26 150 M738 130 q-36 60 -26 150 '.
                    'M160 230 q40 10 70 60 M840 230 q-40 10 -70 60 M380 70 q30 60 90 74 M620 70 q-30 60 -90 74',
            ),
            'sweatshirt' => new self(
                1160,
                780,
                'M490 26 q90 52 180 0 l130 44 q40 14 52 54 l118 520 q4 18 -14 22 l-84 20 q-18 4 -24 -14 l-102 -352 '.
                    'v384 q0 22 -22 24 q-144 12 -288 0 q-22 -2 -22 -24 v-384 l-102 352 q-6 18 -24 14 l-84 -20 '.
                    'q-18 -4 -14 -22 l118 -520 q12 -40 52 -54 z',
                '<path d="M490 26 q90 -24 180 0 q-90 62 -180 0z" fill="%s"/>',
                'M414 672 q166 12 332 0 M198 606 l102 26 M962 606 l-102 26 M480 32 q100 64 200 0 M470 40 q110 80 220 0',
                'M440 300 q24 150 4 350 M720 300 q-24 150 -2 350 M470 600 q90 46 220 -8 M372 190 q-40 140 -86 300 '.
                    'M788 190 q40 140 86 300 M330 400 q-30 50 -70 60',
                stuff: Stuff::Fleece,
            ),
            'tote' => new self(
                460,
                720,
                'M34 270 h392 l14 418 q1 18 -16 18 h-388 q-17 0 -16 -18 z',
                '<path d="M120 300 q-14 -284 110 -284 q124 0 110 284" fill="none" stroke="%s" stroke-width="26"/>',
                'M34 300 h392 M28 682 h404',
                'M60 320 q40 90 20 200 M76 480 q10 90 -10 190 M400 330 q-34 80 -18 190 M384 500 q-10 80 12 170 '.
                    'M90 660 q70 -46 150 -40 M150 316 q16 60 60 96 M310 316 q-16 60 -60 96',
                '<path d="M138 322 q-16 -276 92 -276 q108 0 92 276" fill="none" stroke="%s" stroke-width="26"/>',
                Stuff::Canvas,
            ),
            'apron' => new self(
                720,
                940,
                'M246 90 h228 l22 150 q16 60 100 78 l-16 560 q-1 18 -20 19 q-200 16 -400 0 q-19 -1 -20 -19 l-16 -560 '.
                    'q84 -18 100 -78 z',
                '<path d="M262 96 q-24 -88 98 -88 q122 0 98 88 M130 330 q-80 10 -110 90 M590 330 q80 10 110 90" '.
                    'fill="none" stroke="%s" stroke-width="18"/>',
                'M242 108 h236 M190 540 h340 v190 q-170 22 -340 0 z M360 544 v196',
                'M180 370 q50 120 30 300 M196 620 q14 120 -8 250 M540 380 q-46 120 -26 280 M520 600 q-10 130 8 270 '.
                    'M262 130 q24 90 -30 170 M458 130 q-24 90 30 170 M230 860 q60 -80 150 -90',
                stuff: Stuff::Canvas,
            ),
            'cap' => new self(
                300,
                230,
                'M40 138 q4 -110 112 -116 q108 6 112 116 q2 8 -8 8 q-104 -18 -208 0 q-10 0 -8 -8 z',
                '<path d="M26 178 q14 -46 126 -52 q112 6 126 52 q4 18 -18 14 q-108 -22 -216 0 q-22 4 -18 -14z" '.
                    'fill="%s"/>',
                'M152 24 v106 M96 40 q-14 40 -16 96 M208 40 q14 40 16 96',
                'M70 80 q-10 30 -8 56 M240 80 q8 30 6 56 M120 120 q30 -8 64 0',
                '<circle cx="152" cy="22" r="7" fill="%s"/>',
                Stuff::Canvas,
            ),
            'mug' => new self(
                130,
                100,
                'M20 8 h76 v76 q0 8 -8 8 h-60 q-8 0 -8 -8 z',
                '<path d="M94 26 q30 -4 30 22 q0 26 -32 24" fill="none" stroke="%s" stroke-width="9"/>',
                '',
                '',
                stuff: Stuff::Clay,
            ),
            'towel' => new self(
                560,
                780,
                'M50 40 q230 -14 460 4 l-6 690 q-220 14 -448 0 z',
                '<path d="M268 42 q12 -34 24 0" fill="none" stroke="%s" stroke-width="9"/>',
                'M62 54 q218 -14 436 4 M66 722 q214 12 428 0 M64 52 l4 672 M498 56 l-6 668',
                'M170 50 q22 340 0 680 M390 50 q-20 340 4 680 M280 400 q10 160 -4 320',
                stuff: Stuff::Linen,
            ),
            'poster' => new self(337, 460, 'M20 20 h297 v420 h-297 z', '', '', '', stuff: Stuff::Paper),
            'card' => new self(
                150,
                190,
                'M12 14 h126 v162 h-126 z',
                '',
                'M12 34 h126',
                '',
                stuff: Stuff::Paper,
            ),
            default => throw new \InvalidArgumentException("No blank is drawn as $name."),
        };
    }

    /** As it is drawn to lay artwork on: a pot is unrolled. */
    public function unrolled(): self
    {
        return $this->stuff === Stuff::Clay
            ? new self(240, 100, 'M4 6 h232 v88 h-232 z', '', '', '', stuff: Stuff::Clay)
            : $this;
    }
}
