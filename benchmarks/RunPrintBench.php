<?php

declare(strict_types=1);

namespace WindowStall\Benchmarks;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\Storage;
use WindowStall\Core\Print\Placing\Placing;
use WindowStall\Print\Artwork\UsedArtworks;
use WindowStall\Print\Making\PictureNames;
use WindowStall\Print\Making\PicturesHere;
use WindowStall\Print\Making\PlateLayers;
use WindowStall\Print\Placing\Placed;
use WindowStall\Stall\Door;
use WindowStall\Stall\Stall;
use WindowStall\Support\Pictures\Vips;
use WindowStall\Support\Pictures\Workbench;
use WindowStall\Support\Refusal;

/** Measures what pictures of printed goods take, beside reading and writing as many pictures of the same size. */
final class RunPrintBench extends Command
{
    protected $signature = 'bench:print';

    protected $description = 'Print what pictures of printed goods take';

    /** Twelve cloths in three scenes. */
    private const PICTURES = 36;

    public function handle(PicturesHere $pictures, PlateLayers $layers): int
    {
        $stall = Door::enter('quillet') ?? throw new Refusal('There is no demo to measure.');
        $placed = Placed::of($stall)->with('blankItem.words')->orderBy('id')->firstOrFail();
        $cloths = $this->named($stall, $placed);
        // A blank with fewer colours than twelve is gone round again.
        $all = array_slice(array_merge(...array_fill(0, 12, $cloths)), 0, self::PICTURES);
        foreach ($all as [$plate]) {
            $layers->picture($plate);
        }
        // Plates are fetched once and kept; what is laid on them is made anew.
        $pictures->bytes($stall, $all[0][1]);
        foreach (Storage::files('ink') as $file) {
            Storage::delete($file);
        }
        $made = self::seconds(static function () use ($pictures, $stall, $all): void {
            foreach ($all as [, $name]) {
                $pictures->bytes($stall, $name);
            }
        });
        $plain = self::seconds(static fn () => Workbench::with(static function (string $folder) use ($layers, $all): void {
            foreach ($all as [$plate]) {
                $layers->put($plate, "$folder/plate.png");
                Vips::run(['vips', 'copy', "$folder/plate.png", "$folder/seen.jpg[Q=92]"], 30);
            }
        }));
        $this->line(sprintf(
            '%d pictures of printed goods at %d px: %.1f s; read and written only: %.1f s; ratio %.2f (aim 2.5)',
            count($all),
            PlateLayers::side(),
            $made,
            $plain,
            $made / $plain,
        ));

        return self::SUCCESS;
    }

    /** @return list<array{string, string}> address of the plate, name of the picture; on every colour of the blank */
    private function named(Stall $stall, Placed $placed): array
    {
        $blank = $placed->blank();
        $laid = $placed->placing();
        $placing = new Placing($laid->laid, array_keys($blank->colours), $laid->sizes);
        $scenes = array_map(static fn ($p): string => $p->scene, $blank->plates);
        $named = [];
        foreach (PictureNames::all($placed->id, $blank, $placing, $scenes, UsedArtworks::of($stall, $placing)->all) as [$name, $colour]) {
            $scene = PictureNames::read($name)[1] ?? '';
            $named[] = [$blank->plate($scene)->pictures[$colour] ?? '', $name];
        }

        return $named;
    }

    private static function seconds(callable $do): float
    {
        $began = hrtime(true);
        $do();

        return (hrtime(true) - $began) / 1e9;
    }
}
