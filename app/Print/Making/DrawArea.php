<?php

declare(strict_types=1);

namespace WindowStall\Print\Making;

use Illuminate\Support\Facades\Storage;
use WindowStall\Core\Print\ArtworkFacts;
use WindowStall\Core\Print\Placing\Piece;
use WindowStall\Core\Source\PrintArea;
use WindowStall\Print\Artwork\Artwork;
use WindowStall\Support\Pictures\Vips;
use WindowStall\Support\Refusal;

/**
 * Draws what lies on an area, as a drawing in tenths of a millimetre beside the artworks it shows: pixels are first made
 * as small as they are needed, so that none of it grows large.
 */
final class DrawArea
{
    private const SECONDS = 60;

    /**
     * @param  list<array{Piece, Artwork, ArtworkFacts}>  $pieces  the lowest first
     * @param  string|null  $ground  a colour under them, beyond the edge, too
     * @param  int  $bleed  tenths of a millimetre beyond the area on each side
     * @param  int  $scale  thousandths
     * @param  float  $density  pixels for a tenth of a millimetre
     * @param  string  $folder  where its files lie
     * @return string the drawing's file
     */
    public function __invoke(
        PrintArea $area,
        array $pieces,
        ?string $ground,
        int $bleed,
        int $scale,
        float $density,
        string $folder,
    ): string {
        [$width, $height] = [10 * $area->width, 10 * $area->height];
        $over = $bleed * 1000 / $scale;
        $drawn = $ground === null ? '' : sprintf(
            '<rect x="%.4F" y="%1$.4F" width="%.4F" height="%.4F" fill="%s"/>',
            -$over, $width + 2 * $over, $height + 2 * $over, $ground,
        );
        foreach ($pieces as $n => [$piece, $artwork, $facts]) {
            $href = $this->file($artwork, $facts, $piece, $density * $scale / 1000, $folder, $n);
            $high = $facts->heightAt($piece->width);
            $left = $width / 2 + $piece->x - $piece->width / 2;
            $image = sprintf('<image href="%s" width="%d" height="%d" preserveAspectRatio="none"', $href, $piece->width, $high);
            $drawn .= $piece->repeat
                ? sprintf(
                    '<pattern id="p%d" patternUnits="userSpaceOnUse" width="%d" height="%d" patternTransform="translate(%.1F %d) '.
                        'rotate(%.1F)">%s/></pattern><rect x="%d" y="%d" width="%d" height="%d" fill="url(#p%1$d)"/>',
                    $n, $piece->width, $high, $left, $piece->y, $piece->turn / 10, $image,
                    -$width, -$height, 3 * $width, 3 * $height,
                )
                : sprintf(
                    '<g transform="rotate(%.1F %.1F %.1F)">%s x="%.1F" y="%d"/></g>',
                    $piece->turn / 10, $left + $piece->width / 2, $piece->y + $high / 2, $image, $left, $piece->y,
                );
        }
        $side = static fn (int $length): float => $length * $scale / 1000 + 2 * $bleed;
        $svg = sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" width="%.4Fmm" height="%.4Fmm" viewBox="%.4F %.4F %.4F %.4F" '.
                'preserveAspectRatio="none">%s</svg>',
            $side($width) / 10, $side($height) / 10, -$over, -$over, $width + 2 * $over, $height + 2 * $over, $drawn,
        );
        file_put_contents($folder.'/area.svg', $svg);

        return $folder.'/area.svg';
    }

    public function pixels(string $drawing, string $to, int $width, int $height): void
    {
        Vips::run(['rsvg-convert', '-w', (string) $width, '-h', (string) $height, '-o', $to, $drawing], self::SECONDS);
    }

    /** The artwork beside the drawing, as large as it is needed. */
    private function file(Artwork $artwork, ArtworkFacts $facts, Piece $piece, float $density, string $folder, int $n): string
    {
        $stream = $artwork->master === null ? null : Storage::readStream($artwork->master);
        if ($stream === null) {
            throw new Refusal($artwork->name.' isn’t kept any more. Choose another artwork.');
        }
        $name = 'piece'.$n.($facts->vector ? '.svg' : '.png');
        file_put_contents($folder.'/'.$name, $stream);
        $wide = (int) ceil($piece->width * $density);
        if (! $facts->vector && $wide < $facts->width) {
            $fitted = 'fit'.$n.'.png';
            Vips::run(
                ['vipsthumbnail', $folder.'/'.$name, '--size', $wide.'x'.max(1, (int) ceil($wide * $facts->height / $facts->width)).'!',
                    '-o', $folder.'/'.$fitted],
                self::SECONDS,
            );

            return $fitted;
        }

        return $name;
    }
}
