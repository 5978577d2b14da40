<?php

declare(strict_types=1);

namespace WindowStall\Print\Making;

use Illuminate\Support\Facades\Storage;
use WindowStall\Core\Source\PrintPlate;
use WindowStall\Support\Outbound\Fetch;
use WindowStall\Support\Pictures\Vips;
use WindowStall\Support\Pictures\Workbench;

/** The layers of plates as a print house serves them, fetched once and kept. */
final class PlateLayers
{
    private const MOST_BYTES = 40_000_000;

    /** Pixels a side that pictures are made at. */
    public static function side(): int
    {
        return (int) config('stall.print.side');
    }

    /** @return string where it lies in storage */
    public function kept(string $address): string
    {
        $asked = $address.(str_contains($address, '?') ? '&' : '?').'px='.self::side();
        $kept = 'plates/'.hash('sha256', $asked);
        if (! Storage::exists($kept)) {
            Storage::put($kept, Fetch::bytes($asked, self::MOST_BYTES, 25));
        }

        return $kept;
    }

    /** A picture of a blank without anything to be seen through. @return string where it lies in storage */
    public function picture(string $address): string
    {
        $kept = $this->kept($address).'-whole.png';
        if (! Storage::exists($kept)) {
            Workbench::with(function (string $folder) use ($address, $kept): void {
                $this->put($address, "$folder/plate.png");
                Vips::run(['vips', 'colourspace', "$folder/plate.png", "$folder/all.v", 'srgb'], 30);
                // Three bands are its colours; a fourth says what can be seen through.
                $through = (int) (Vips::header("$folder/all.v")['bands'] ?? 3) > 3;
                $flat = $through ? ['flatten', "$folder/all.v", "$folder/flat.png[compression=1]", '--background', '255']
                    : ['copy', "$folder/all.v", "$folder/flat.png[compression=1]"];
                Vips::run(['vips', ...$flat], 30);
                Storage::put($kept, (string) file_get_contents("$folder/flat.png"));
            });
        }

        return $kept;
    }

    /**
     * What a plate's layers come to, made once: a picture whose colours are the light (224 leaves ink as it is) and whose
     * opacity says where ink can lie.
     *
     * @return string where it lies in storage
     */
    public function light(PrintPlate $plate): string
    {
        $kept = 'plates/'.hash('sha256', $plate->shading.' '.$plate->mask.' '.self::side()).'.png';
        if (! Storage::exists($kept)) {
            Workbench::with(function (string $folder) use ($plate, $kept): void {
                foreach (['shading', 'mask'] as $layer) {
                    $this->put($plate->$layer, "$folder/$layer.png");
                    Vips::run(['vips', 'extract_band', "$folder/$layer.png", "$folder/$layer.v", '0'], 30);
                }
                $light = "$folder/shading.v";
                Vips::run(['vips', 'bandjoin', "$light $light $light $folder/mask.v", "$folder/all.v"], 30);
                Vips::run(['vips', 'copy', "$folder/all.v", "$folder/all.png[compression=1]", '--interpretation', 'srgb'], 30);
                Storage::put($kept, (string) file_get_contents("$folder/all.png"));
            });
        }

        return $kept;
    }

    public function put(string $address, string $file): void
    {
        file_put_contents($file, Storage::readStream($this->kept($address)));
    }
}
