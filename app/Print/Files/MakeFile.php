<?php

declare(strict_types=1);

namespace WindowStall\Print\Files;

use Illuminate\Support\Facades\Storage;
use WindowStall\Core\Print\ArtworkFacts;
use WindowStall\Core\Print\FilePlan;
use WindowStall\Core\Print\Placing\Piece;
use WindowStall\Core\Source\PrintArea;
use WindowStall\Print\Artwork\Artwork;
use WindowStall\Print\Making\DrawArea;
use WindowStall\Stall\Stall;
use WindowStall\Support\Pictures\Vips;
use WindowStall\Support\Pictures\Workbench;

/** Makes the file of an area: the area and its bleed to the pixel, sRGB, transparent where nothing is printed. */
final readonly class MakeFile
{
    private const MILLIMETRES_TO_THE_INCH = 25.4;

    public function __construct(private DrawArea $draw)
    {
    }

    /**
     * @param  string  $blank  the print house's code
     * @param  list<array{Piece, Artwork, ArtworkFacts}>  $pieces
     */
    public function __invoke(Stall $stall, string $blank, PrintArea $area, FilePlan $plan, array $pieces, ?string $ground): PrintFile
    {
        $of = self::madeOf($blank, $area, $plan, $pieces, $ground);
        $known = PrintFile::of($stall)->where('made_of', $of)->first();
        if ($known !== null && Storage::exists($known->path)) {
            return $known;
        }

        return Workbench::with(function (string $folder) use ($stall, $blank, $area, $plan, $pieces, $ground, $of): PrintFile {
            $file = $this->make($area, $plan, $pieces, $ground, $folder);
            $sha256 = (string) hash_file('sha256', $file);
            $name = sprintf('%s-%s-%dx%d-%s.%s', $blank, $area->code, $plan->width, $plan->height, substr($sha256, 0, 8), $plan->format);
            $path = 'print-files/'.$stall->id.'/'.$of.'.'.$plan->format;
            Storage::put($path, fopen($file, 'r') ?: throw new \RuntimeException('What was made is gone.'));
            // Two at once make the same; the later one says so.
            PrintFile::query()->upsert([[
                'stall_id' => $stall->id,
                'made_of' => $of,
                'name' => $name,
                'path' => $path,
                'format' => $plan->format,
                'sha256' => $sha256,
                'bytes' => (int) filesize($file),
                'width' => $plan->width,
                'height' => $plan->height,
                'dpi' => $plan->dpi,
                'made_at' => now(),
            ]], ['stall_id', 'made_of']);

            return PrintFile::of($stall)->where('made_of', $of)->firstOrFail();
        });
    }

    /** @param  list<array{Piece, Artwork, ArtworkFacts}>  $pieces */
    private function make(PrintArea $area, FilePlan $plan, array $pieces, ?string $ground, string $folder): string
    {
        $density = $plan->dpi / (10 * self::MILLIMETRES_TO_THE_INCH);
        $drawing = ($this->draw)($area, $pieces, $ground, $plan->bleed, $plan->scale, $density, $folder);
        if ($plan->format === 'pdf') {
            Vips::run(['rsvg-convert', '--format=pdf', '-o', "$folder/print.pdf", $drawing], 60);

            return "$folder/print.pdf";
        }
        $this->draw->pixels($drawing, "$folder/drawn.png", $plan->pixelsAcross(), $plan->pixelsDown());
        // How many pixels a millimetre has is written into it, with the profile.
        $dots = sprintf('%.6F', $plan->dpi / self::MILLIMETRES_TO_THE_INCH);
        Vips::run(
            ['vips', 'copy', "$folder/drawn.png", "$folder/print.png[profile=srgb]", '--xres', $dots, '--yres', $dots],
            60,
        );

        return "$folder/print.png";
    }

    /** @param  list<array{Piece, Artwork, ArtworkFacts}>  $pieces */
    private static function madeOf(string $blank, PrintArea $area, FilePlan $plan, array $pieces, ?string $ground): string
    {
        $laid = array_map(static fn (array $p): array => [$p[0]->toArray(), $p[1]->sha256], $pieces);
        $of = [$blank, $area->toArray(), $plan->width, $plan->height, $plan->bleed, $plan->scale, $plan->dpi, $plan->format, $laid, $ground];

        return hash('sha256', json_encode($of, JSON_THROW_ON_ERROR));
    }
}
