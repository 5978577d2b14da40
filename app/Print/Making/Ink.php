<?php

declare(strict_types=1);

namespace WindowStall\Print\Making;

use Illuminate\Support\Facades\Storage;
use WindowStall\Core\Print\ArtworkFacts;
use WindowStall\Core\Print\Placing\Piece;
use WindowStall\Core\Print\Plates\PlateForm;
use WindowStall\Core\Source\PrintArea;
use WindowStall\Core\Source\PrintPlate;
use WindowStall\Print\Artwork\Artwork;
use WindowStall\Support\Pictures\Vips;
use WindowStall\Support\Pictures\Workbench;

/**
 * What is printed as it is seen on a plate: bent to the areas and moved by the folds, dark where the cloth is, and only
 * where ink can lie. The same for every colour of the blank, so it is made once.
 */
final readonly class Ink
{
    /** Points of the plate, each way, of which it is worked out where they lie on the area; between them it is even. */
    private const POINTS = 125;

    /** What the shading says where ink is as it is. */
    private const EVEN = 224;

    /** Pixels of the drawing for a pixel of the plate, so that it stays sharp. */
    private const FINER = 1.5;

    public function __construct(private DrawArea $draw, private PlateLayers $layers)
    {
    }

    /**
     * @param  list<array{PrintArea, list<array{Piece, Artwork, ArtworkFacts}>, string|null}>  $areas
     * @return array{string, string} where it lies in storage: its colours, and how much of the cloth it covers; as large
     *                               as the plate
     */
    public function kept(PrintPlate $plate, array $areas, string $key): array
    {
        $kept = ['ink/'.$key.'-colour.png', 'ink/'.$key.'-cover.png'];
        if (! Storage::exists($kept[1])) {
            Workbench::with(function (string $folder) use ($plate, $areas, $kept): void {
                $this->make($plate, $areas, $folder);
                foreach (['colour', 'cover'] as $n => $part) {
                    Storage::put($kept[$n], (string) file_get_contents("$folder/$part.png"));
                }
            });
        }

        return $kept;
    }

    /** @param  list<array{PrintArea, list<array{Piece, Artwork, ArtworkFacts}>, string|null}>  $areas */
    private function make(PrintPlate $plate, array $areas, string $folder): void
    {
        $side = PlateLayers::side();
        $this->layers->put($plate->displacement, "$folder/displacement.png");
        $moves = $this->moves("$folder/displacement.png", $plate->reach, $folder);
        $laid = null;
        foreach ($areas as [$area, $pieces, $ground]) {
            $form = $plate->form($area);
            if ($form === null) {
                continue;
            }
            $warped = Workbench::with(function (string $own) use ($plate, $area, $pieces, $ground, $form, $moves, $side, $folder): string {
                $to = $folder.'/'.$area->code.'.v';
                $this->warp($plate, $form, $area, $pieces, $ground, $moves, $side, $own, $to);

                return $to;
            });
            if ($laid !== null) {
                Vips::run(['vips', 'composite2', $laid, $warped, "$folder/both.v", 'over'], 30);
                rename("$folder/both.v", $warped);
            }
            $laid = $warped;
        }
        $vips = static fn (string ...$command): string => Vips::run(['vips', ...array_values($command)], 30);
        if ($laid === null) {
            // Nothing of it is seen from here.
            $vips('black', "$folder/colour.png", (string) $side, (string) $side, '--bands', '3');
            $vips('black', "$folder/cover.png", (string) $side, (string) $side);

            return;
        }
        file_put_contents("$folder/light.png", Storage::readStream($this->layers->light($plate)));
        $vips('multiply', $laid, "$folder/light.png", "$folder/seen.v");
        $even = sprintf('%.7F', 1 / self::EVEN);
        // The light on its colours, and of its opacity what can be printed on.
        $vips('linear', "$folder/seen.v", "$folder/ink.v", sprintf('%s %s %s %.7F', $even, $even, $even, 1 / 255), '0 0 0 0', '--uchar');
        $vips('extract_band', "$folder/ink.v", "$folder/colour.png[compression=1]", '0', '--n', '3');
        $vips('extract_band', "$folder/ink.v", "$folder/cover.png[compression=1]", '3');
    }

    /**
     * @param  list<array{Piece, Artwork, ArtworkFacts}>  $pieces
     * @param  array<int, array{float, float}>  $moves
     */
    private function warp(
        PrintPlate $plate,
        PlateForm $form,
        PrintArea $area,
        array $pieces,
        ?string $ground,
        array $moves,
        int $side,
        string $own,
        string $to,
    ): void {
        // Pixels for a millimetre, in the drawing.
        $density = $form->density() * $side / $plate->side * self::FINER;
        $this->draw->pixels(
            ($this->draw)($area, $pieces, $ground, 0, 1000, $density / 10, $own),
            "$own/sheet.png",
            (int) ceil($area->width * $density),
            (int) ceil($area->height * $density),
        );
        $step = $plate->side / self::POINTS;
        $map = '';
        foreach ($moves as $n => [$across, $down]) {
            $x = ($n % self::POINTS + .5) * $step + $across;
            $y = (intdiv($n, self::POINTS) + .5) * $step + $down;
            $at = $form->pointAt($x, $y);
            $map .= $at === null ? pack('f2', -9e5, -9e5) : pack('f2', $at[0] * $density - .5, $at[1] * $density - .5);
        }
        file_put_contents("$own/map.raw", $map);
        $points = (string) self::POINTS;
        $wide = sprintf('%.6F', $side / self::POINTS);
        Vips::run(['vips', 'rawload', "$own/map.raw", "$own/map.v", $points, $points, '2', '--format', 'float'], 20);
        Vips::run(['vips', 'resize', "$own/map.v", "$own/where.v", $wide, '--kernel', 'linear'], 20);
        Vips::run(['vips', 'mapim', "$own/sheet.png", $to, "$own/where.v", '--interpolate', 'bicubic'], 60);
    }

    /** @return array<int, array{float, float}> by how many units each point is moved, row by row */
    private function moves(string $file, int $reach, string $folder): array
    {
        $points = (string) self::POINTS;
        Vips::run(['vipsthumbnail', $file, '--size', "{$points}x{$points}!", '-o', "$folder/moves.png"], 20);
        $picture = imagecreatefrompng("$folder/moves.png") ?: throw new \RuntimeException('A displacement can’t be read.');
        imagepalettetotruecolor($picture);
        $moves = [];
        for ($y = 0; $y < self::POINTS; $y++) {
            for ($x = 0; $x < self::POINTS; $x++) {
                $pixel = (int) imagecolorat($picture, $x, $y);
                $moves[] = [
                    (($pixel >> 16 & 255) - 128) / 127 * $reach,
                    (($pixel >> 8 & 255) - 128) / 127 * $reach,
                ];
            }
        }

        return $moves;
    }
}
