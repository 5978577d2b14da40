<?php

declare(strict_types=1);

namespace WindowStall\Print\Artwork;

use WindowStall\Core\Print\Lettering\Lettering;
use WindowStall\Stall\Stall;
use WindowStall\Support\Pictures\Vips;
use WindowStall\Support\Pictures\Workbench;
use WindowStall\Support\Refusal;

/**
 * Makes an artwork of words: librsvg draws them in a shipped typeface and gives their outlines, which are cut down to what is drawn.
 * What is printed from needs no typeface any more.
 */
final readonly class WriteArtwork
{
    /** Pixels, of which one is enough to find where something is drawn, for units of the drawing. */
    private const COARSE = 4;

    /** Units left around what is drawn. */
    private const ROOM = 8;

    public function __construct(private SendArtwork $send)
    {
    }

    /**
     * @param  Artwork|null  $newer  the artwork that this is a new version of
     *
     * @throws Refusal where the same words are here already
     */
    public function __invoke(Stall $stall, Lettering $lettering, ?Artwork $newer = null): Artwork
    {
        return Workbench::with(function (string $folder) use ($stall, $lettering, $newer): Artwork {
            $file = $folder.'/'.$this->name($lettering).'.svg';
            file_put_contents($file, $this->outlines($lettering, $folder));
            $artwork = $this->send->unlessKnown($stall, $file, basename($file), $newer);
            $artwork->update(['lettering' => $lettering->toArray(), 'name' => $this->name($lettering)]);

            return $artwork;
        });
    }

    private function outlines(Lettering $lettering, string $folder): string
    {
        $face = public_path('shop-assets/type/'.$lettering->cut->key().'.ttf');
        copy($face, $folder.'/face.ttf');
        file_put_contents($folder.'/faces.conf', sprintf(
            '<?xml version="1.0"?><fontconfig><dir>%s</dir><cachedir>%1$s</cachedir></fontconfig>',
            htmlspecialchars($folder, ENT_XML1),
        ));
        file_put_contents($folder.'/words.svg', $lettering->svg());
        $draw = ['env', 'FONTCONFIG_FILE='.$folder.'/faces.conf', 'rsvg-convert'];
        Vips::run([...$draw, '--format=svg', '-o', "$folder/outlines.svg", "$folder/words.svg"], 20);
        $wide = (string) intdiv($lettering->width(), self::COARSE);
        Vips::run(['rsvg-convert', '-w', $wide, '-o', "$folder/coarse.png", "$folder/outlines.svg"], 20);
        Vips::run(['vips', 'extract_band', "$folder/coarse.png", "$folder/drawn.png", '3'], 20);
        $found = Vips::run(['vips', 'find_trim', "$folder/drawn.png", '--background', '0', '--threshold', '1'], 20);
        [$left, $top, $across, $down] = array_map(
            static fn (string $line): int => self::COARSE * (int) $line,
            preg_split('/\s+/', trim($found)) ?: [],
        ) + [0, 0, $lettering->width(), $lettering->height()];

        return $this->cut((string) file_get_contents("$folder/outlines.svg"), $left, $top, $across, $down);
    }

    private function cut(string $svg, int $left, int $top, int $across, int $down): string
    {
        $room = self::ROOM;
        $head = sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" width="%d" height="%d" viewBox="%d %d %1$d %2$d"',
            $across + 2 * $room,
            $down + 2 * $room,
            $left - $room,
            $top - $room,
        );

        return (string) preg_replace('/<svg[^>]*(?=>)/', $head, $svg, 1);
    }

    /** The first line, as a file may be called. */
    private function name(Lettering $lettering): string
    {
        $first = mb_substr(implode(' ', array_filter($lettering->lines)), 0, 60);

        return trim((string) preg_replace('~[/\\\\\x00-\x1f.]+~', ' ', $first)) ?: 'Words';
    }
}
