<?php

declare(strict_types=1);

namespace WindowStall\Print\Making;

use Illuminate\Support\Facades\Storage;
use WindowStall\Bench\Pictures\MakesPictures;
use WindowStall\Print\Artwork\Artwork;
use WindowStall\Print\Artwork\UsedArtworks;
use WindowStall\Print\Placing\Placed;
use WindowStall\Stall\Stall;
use WindowStall\Support\Pictures\Vips;
use WindowStall\Support\Pictures\Workbench;
use WindowStall\Support\Refusal;

/** Makes the pictures of printed goods from the print house's plates. */
final readonly class PicturesHere implements MakesPictures
{
    public function __construct(private Ink $ink, private PlateLayers $layers)
    {
    }

    public function makes(string $source): bool
    {
        return PictureNames::is($source);
    }

    public function alt(Stall $stall, string $source): string
    {
        [$number, $scene, $colour] = PictureNames::read($source) ?? throw new Refusal('There is no such picture.');
        $placed = Placed::of($stall)->with('blankItem.words')->find($number);
        $names = $placed === null ? [] : array_map(
            static fn (Artwork $a): string => $a->name,
            UsedArtworks::of($stall, $placed->placing())->all,
        );
        $plate = $placed?->blank()->plate($scene);

        return $placed === null ? '' : sprintf(
            '%s on the %s in %s, %s',
            implode(' and ', array_unique($names)),
            mb_strtolower($placed->said()->title),
            $colour,
            mb_strtolower($plate->name ?? ''),
        );
    }

    public function bytes(Stall $stall, string $source): string
    {
        [$number, $scene, $colour] = PictureNames::read($source) ?? throw new Refusal('There is no such picture.');
        $placed = Placed::of($stall)->with('blankItem.words')->find($number);
        $plate = $placed?->blank()->plate($scene);
        if ($placed === null || $plate === null || ! isset($plate->pictures[$colour])) {
            throw new Refusal('The print house has no such picture of it any more.');
        }
        // Laid anew since, it is still sold as it was made.
        $placing = $placed->made_revision === null ? $placed->placing() : $placed->placingAt($placed->made_revision);
        $used = UsedArtworks::of($stall, $placing);
        $ink = $this->ink->kept($plate, $used->on($placed->blank(), $placing, $colour), PictureNames::ink($plate, $placing, $colour, $used->all));

        return Workbench::with(function (string $folder) use ($plate, $colour, $ink): string {
            $files = ['plate' => $this->layers->picture($plate->pictures[$colour]), 'colour' => $ink[0], 'cover' => $ink[1]];
            foreach ($files as $name => $kept) {
                file_put_contents("$folder/$name.png", Storage::readStream($kept));
            }
            // Where ink covers the cloth its colour is seen, by as much as it covers.
            $layers = array_map(static fn (string $name): string => "$folder/$name.png", ['cover', 'colour', 'plate']);
            Vips::run(['vips', 'ifthenelse', ...$layers, "$folder/seen.jpg[Q=92,strip]", '--blend'], 30);

            return (string) file_get_contents("$folder/seen.jpg");
        });
    }
}
