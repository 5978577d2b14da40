<?php

declare(strict_types=1);

namespace WindowStall\Print\Artwork;

use WindowStall\Core\Print\ArtworkFacts;
use WindowStall\Core\Print\Reading\PixelReading;
use WindowStall\Support\Pictures\SvgDrawing;
use WindowStall\Support\Pictures\Vips;
use WindowStall\Support\Refusal;

/** Reads an artwork's file: what it is, what it is printed from, what it looks like, and what there is to know of it. */
final class ReadFile
{
    private const MOST_PIXELS = 200_000_000;

    /** Pixels a side of the least that can be printed at all. */
    private const LEAST = 32;

    /** Pixels of the longer side that are looked at. */
    private const LOOKED_AT = 1024;

    /** Dots to the inch at which a page of a PDF is drawn. */
    private const PAGE_DPI = 400;

    private const KINDS = ['pngload' => 'image/png', 'jpegload' => 'image/jpeg', 'webpload' => 'image/webp',
        'svgload' => 'image/svg+xml', 'pdfload' => 'application/pdf'];

    /**
     * @param  string  $file  as it was sent
     * @param  string  $folder  where what is made of it may lie
     * @return array{type: string, master: string, preview: string, facts: ArtworkFacts, notes: list<string>} paths
     *
     * @throws Refusal for what can't be printed
     */
    public function __invoke(string $file, string $folder): array
    {
        $start = (string) file_get_contents($file, length: 4096);
        if (SvgDrawing::is($start)) {
            SvgDrawing::check((string) file_get_contents($file));
        }
        $head = Vips::header($file);
        $type = self::KINDS[$head['vips-loader'] ?? ''] ?? throw new Refusal(
            'Artwork is taken as PNG, JPEG, WebP, SVG or PDF. Save it as one of these.',
        );
        $vector = $type === 'image/svg+xml';
        $notes = [];
        $from = $file;
        if ($type === 'application/pdf') {
            $from = $folder.'/page.png';
            $this->bounded((int) $head['width'], (int) $head['height'], self::PAGE_DPI / 72);
            Vips::run(['vips', 'pdfload', $file, $from, '--dpi', (string) self::PAGE_DPI], 120);
            $pages = (int) ($head['n-pages'] ?? $head['pdf-n_pages'] ?? 1);
            $notes[] = $pages > 1 ? "It has $pages pages; the first is taken." : 'Drawn in pixels, 400 to the inch.';
            $head = Vips::header($from);
        }
        [$width, $height] = [(int) $head['width'], (int) $head['height']];
        if (! $vector) {
            $this->bounded($width, $height);
        }
        $master = $folder.'/master.'.($vector ? 'svg' : 'png');
        if ($vector) {
            copy($file, $master);
        } else {
            array_push($notes, ...self::colourNotes($head));
            Vips::fit($from, $master, $width, $height, 120);
            $now = Vips::header($master);
            // Turned upright as its camera said.
            [$width, $height] = [(int) $now['width'], (int) $now['height']];
        }
        $preview = $folder.'/preview.png';
        $vector
            ? Vips::run(['rsvg-convert', '--keep-aspect-ratio', ...self::longer($width, $height), '-o', $preview, $master], 20)
            : Vips::fit($master, $preview, self::LOOKED_AT, self::LOOKED_AT);

        return [
            'type' => $type,
            'master' => $master,
            'preview' => $preview,
            'facts' => self::facts($preview, $width, $height, $vector),
            'notes' => $notes,
        ];
    }

    private function bounded(int $width, int $height, float $scale = 1): void
    {
        if ($width * $height * $scale ** 2 > self::MOST_PIXELS) {
            throw new Refusal(
                sprintf('This picture has %d megapixels; at most 200 can be printed from. Save it smaller.', ($width * $height * $scale ** 2) / 1e6),
            );
        }
        if (min($width, $height) * $scale < self::LEAST) {
            throw new Refusal(sprintf('This picture is %d × %d pixels, too small to print.', $width, $height));
        }
    }

    /**
     * @param  array<string, string>  $head
     * @return list<string>
     */
    private static function colourNotes(array $head): array
    {
        $notes = [];
        $mode = $head['interpretation'] ?? '';
        if ($mode === 'cmyk') {
            $notes[] = 'It was in CMYK and is turned into sRGB, in which the print house takes it.';
        }
        if (in_array($head['format'] ?? '', ['ushort', 'short', 'float'], true)) {
            $notes[] = 'It had 16 bits a channel; 8 are printed.';
        }
        if (! isset($head['icc-profile-data'])) {
            $notes[] = 'It names no colour profile: sRGB is assumed.';
        }

        return $notes;
    }

    private static function facts(string $preview, int $width, int $height, bool $vector): ArtworkFacts
    {
        $picture = @imagecreatefrompng($preview);
        if ($picture === false) {
            throw new Refusal('This picture can’t be drawn here. Save it as PNG and send that.');
        }
        imagepalettetotruecolor($picture);
        [$wide, $high] = [imagesx($picture), imagesy($picture)];
        $pixels = [];
        $transparent = false;
        for ($y = 0; $y < $high; $y++) {
            for ($x = 0; $x < $wide; $x++) {
                $pixel = (int) imagecolorat($picture, $x, $y);
                // GD counts 127 for clear and 0 for opaque.
                $opacity = 255 - 2 * ($pixel >> 24 & 127) - (($pixel >> 24 & 127) === 127 ? 1 : 0);
                $transparent = $transparent || $opacity < 250;
                $pixels[] = max(0, $opacity) << 24 | ($pixel & 0xFFFFFF);
            }
        }
        $read = PixelReading::of($wide, $high, $pixels);
        if ($read->colours === []) {
            throw new Refusal('Nothing is drawn in this picture: it is transparent all over.');
        }

        return new ArtworkFacts($width, $height, $vector, $transparent, $read->colours, $read->soft, $read->line);
    }

    /** @return list<string> */
    private static function longer(int $width, int $height): array
    {
        return [$width >= $height ? '-w' : '-h', (string) self::LOOKED_AT];
    }
}
