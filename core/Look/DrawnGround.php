<?php

declare(strict_types=1);

namespace WindowStall\Core\Look;

/** Quiet drawings to stand behind words or between goods, in the tones of a look. */
enum DrawnGround: string
{
    case Straw = 'straw';
    case Boards = 'boards';
    case Leaves = 'leaves';
    case Hills = 'hills';
    case Furrows = 'furrows';
    case Lamp = 'lamp';

    /** Pixels of the drawing. */
    public const WIDTH = 1600;

    public const HEIGHT = 1000;

    public function words(): string
    {
        return match ($this) {
            self::Straw => 'a weave of straw',
            self::Boards => 'the boards of a bench',
            self::Leaves => 'leaves, as light falls through them',
            self::Hills => 'hills behind hills',
            self::Furrows => 'furrows running away',
            self::Lamp => 'the light of one lamp',
        };
    }

    /** @return string an SVG drawing */
    public function svg(Tones $tones): string
    {
        $tone = static fn (string $name): string => $tones->get($name)->toHex();
        $drawn = match ($this) {
            self::Straw => self::straw($tone('line'), $tone('sheet')),
            self::Boards => self::boards($tone('line'), $tone('edge')),
            self::Leaves => self::leaves($tone('fill'), $tone('second')),
            self::Hills => self::hills($tone('soft'), $tone('fill'), $tone('second'), $tone('third')),
            self::Furrows => self::furrows($tone('line'), $tone('fill')),
            self::Lamp => self::lamp(self::brighter($tones, 'third', 'fill')->toHex(), $tone('deep')),
        };

        return sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %1$d %2$d"><rect width="%1$d" height="%2$d" '.
                'fill="%3$s"/>%4$s</svg>',
            self::WIDTH,
            self::HEIGHT,
            $tone($this === self::Lamp ? 'deep' : 'band'),
            $drawn,
        );
    }

    private static function brighter(Tones $tones, string $one, string $other): Colour
    {
        [$first, $second] = [$tones->get($one), $tones->get($other)];

        return $first->toOklch()[0] >= $second->toOklch()[0] ? $first : $second;
    }

    /** Short stalks lying over and under each other. */
    private static function straw(string $dark, string $light): string
    {
        $d = ['', ''];
        for ($row = 0; $row * 40 < self::HEIGHT; $row++) {
            for ($at = 0; $at * 40 < self::WIDTH; $at++) {
                $over = ($row + $at) % 2;
                for ($stalk = 0; $stalk < 3; $stalk++) {
                    [$x, $y, $off] = [$at * 40, $row * 40, 8 + $stalk * 12];
                    $d[$over] .=
                        $over === 0 ? sprintf('M%d %dh32', $x + 4, $y + $off) : sprintf('M%d %dv32', $x + $off, $y + 4);
                }
            }
        }

        return sprintf(
            '<g fill="none" stroke-width="7" stroke-linecap="round"><path stroke="%s" opacity=".75" d="%s"/>'.
                '<path stroke="%s" opacity=".55" d="%s"/></g>',
            $light,
            $d[0],
            $dark,
            $d[1],
        );
    }

    /** Planks with their grain and the gaps between them. */
    private static function boards(string $grain, string $gap): string
    {
        $lines = $gaps = '';
        for ($board = 0; $board < 7; $board++) {
            $top = $board * 145;
            $gaps .= sprintf('M0 %dH%d', $top, self::WIDTH);
            for ($line = 1; $line < 7; $line++) {
                $y = $top + $line * 20;
                $sway = (($board * 31 + $line * 17) % 23) - 11;
                $lines .= sprintf(
                    'M0 %dC400 %d 700 %d 1000 %dS1400 %d 1600 %d',
                    $y,
                    $y + $sway,
                    $y - $sway,
                    $y,
                    $y + $sway,
                    $y,
                );
            }
        }

        return sprintf(
            '<g fill="none"><path stroke="%s" stroke-width="2" opacity=".8" d="%s"/><path stroke="%s" '.
                'stroke-width="4" opacity=".5" d="%s"/></g>',
            $grain,
            $lines,
            $gap,
            $gaps,
        );
    }

    /** Sprays of leaves, nearer ones deeper in colour. */
    private static function leaves(string $near, string $far): string
    {
        $drawn = '';
        foreach ([[$far, 0.16, 1.5, 9], [$near, 0.2, 1.0, 13]] as [$colour, $opacity, $size, $sprays]) {
            $drawn .= sprintf('<g fill="%s" opacity="%.2f">', $colour, $opacity);
            for ($spray = 0; $spray < $sprays; $spray++) {
                $x = ($spray * 613 + (int) ($size * 211)) % self::WIDTH;
                $y = ($spray * 389 + (int) ($size * 97)) % self::HEIGHT;
                $drawn .= self::spray($x, $y, ($spray * 67) % 360, $size);
            }
            $drawn .= '</g>';
        }

        return $drawn;
    }

    private static function spray(int $x, int $y, int $turn, float $size): string
    {
        $leaves = '';
        for ($pair = 0; $pair < 5; $pair++) {
            foreach ([55, 125] as $side) {
                $leaves .= sprintf(
                    '<path transform="translate(0 %d) rotate(%d)" d="M0 0C18 -24 70 -30 96 0C70 18 22 20 0 0Z"/>',
                    $pair * -46,
                    $side === 55 ? -35 : -145,
                );
            }
        }

        return sprintf(
            '<g transform="translate(%d %d) rotate(%d) scale(%.1f)">%s<path d="M-3 30L0 -250L3 30Z"/></g>',
            $x,
            $y,
            $turn,
            $size,
            $leaves,
        );
    }

    /** One ridge behind another, paler the further it is. */
    private static function hills(string $sky, string $near, string $sun, string $glow): string
    {
        $drawn = sprintf(
            '<rect width="1600" height="1000" fill="%s"/><circle cx="1180" cy="330" r="150" fill="%s" opacity=".35"/>'.
                '<circle cx="1180" cy="330" r="84" fill="%s" opacity=".8"/>',
            $sky,
            $glow,
            $sun,
        );
        foreach (
            [[430, 0.22, 120], [540, 0.38, -90], [660, 0.58, 140], [800, 0.85, -110]] as [$top, $opacity, $swell]
        ) {
            $ridge = sprintf(
                'M0 %d C300 %d 520 %d 800 %d S1300 %d 1600 %d V1000 H0Z',
                $top,
                $top - $swell,
                $top + $swell,
                $top,
                $top - $swell,
                $top + 20,
            );
            // The sky's colour first, so that nothing behind shines through.
            $drawn .= sprintf(
                '<path fill="%1$s" d="%2$s"/><path fill="%3$s" opacity="%4$.2f" d="%2$s"/>',
                $sky,
                $ridge,
                $near,
                $opacity,
            );
        }

        return $drawn;
    }

    /** Rows of a field that meet far away. */
    private static function furrows(string $earth, string $green): string
    {
        $drawn = '';
        for ($row = -9; $row <= 9; $row++) {
            [$far, $near] = [800 + $row * 46, 800 + $row * 330];
            $drawn .= sprintf(
                '<path fill="%s" opacity="%s" d="M%d 300 L%d 300 L%d 1000 L%d 1000Z"/>',
                $row % 2 === 0 ? $green : $earth,
                $row % 2 === 0 ? '.34' : '.7',
                $far - 12,
                $far + 12,
                $near + 96,
                $near - 96,
            );
        }

        return $drawn.
            sprintf(
                '<path fill="%s" opacity=".5" d="M0 300 C400 250 700 285 1000 262 S1450 280 1600 250 V304 H0Z"/>',
                $green,
            );
    }

    /** A cone of light on a dark wall. */
    private static function lamp(string $light, string $dark): string
    {
        return sprintf(
            '<defs><radialGradient id="g" cx="50%%" cy="18%%" r="85%%"><stop offset="0" stop-color="%1$s" '.
                'stop-opacity=".85"/>'.
                '<stop offset=".35" stop-color="%1$s" stop-opacity=".32"/><stop offset="1" stop-color="%1$s" '.
                    'stop-opacity="0"/>'.
                '</radialGradient></defs><path fill="url(#g)" d="M720 150 L880 150 L1600 1000 L0 1000Z"/>'.
                '<rect width="1600" height="1000" fill="url(#g)" opacity=".5"/>'.
                '<path fill="%2$s" d="M797 0h6v70h-6zM690 160 C700 100 740 70 800 70 S900 100 910 160Z"/>'.
                '<ellipse cx="800" cy="162" rx="64" ry="13" fill="%1$s"/>',
            $light,
            $dark,
        );
    }
}
