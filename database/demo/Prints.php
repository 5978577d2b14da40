<?php

declare(strict_types=1);

namespace WindowStall\Demo;

use WindowStall\Core\Print\Placing\Laid;
use WindowStall\Core\Print\Placing\Piece;
use WindowStall\Core\Print\Placing\Placing;
use WindowStall\Print\Artwork\Artwork;
use WindowStall\Print\Artwork\ReadFile;
use WindowStall\Print\Artwork\SendArtwork;
use WindowStall\Print\Jobs\ReadArtwork;
use WindowStall\Print\Placing\LayOut;
use WindowStall\Print\Placing\Placed;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Stall;
use WindowStall\Support\Pictures\Vips;
use WindowStall\Support\Pictures\Workbench;

/** The stall's own drawings of vegetables, and what is laid out with them. */
final readonly class Prints
{
    private const RIGHTS = 'Drawn by us.';

    public function __construct(private Stall $stall)
    {
    }

    public function make(): void
    {
        foreach (glob(__DIR__.'/artwork/*.svg') ?: [] as $file) {
            $this->send($file, basename($file));
        }
        $leek = Workbench::with(function (string $folder): Artwork {
            // In dots, as it came from a scanner: sharp up to 120 mm.
            Vips::run(['rsvg-convert', '-w', '1417', '-o', "$folder/leek.png", __DIR__.'/artwork/leek-in-ink.svg']);

            return $this->send("$folder/leek.png", 'Leek, scanned.png');
        });
        $beet = Workbench::with(function (string $folder): Artwork {
            // Far too small for a poster.
            Vips::run(['rsvg-convert', '-w', '300', '-o', "$folder/beet.png", __DIR__.'/artwork/beet.svg']);

            return $this->send("$folder/beet.png", 'Beet, from a phone.png');
        });
        $this->lay('TP-TEE', $leek, new Piece($leek->id, 0, 250, 1150), ['Oat', 'White', 'Clay', 'Moss', 'Bottle', 'Ink'])
            ->update(['kept_as' => 'On the chest']);
        $this->lay('TP-TOT', $leek, new Piece($leek->id, 0, 250, 1100), ['Oat', 'Ink', 'Moss']);
        $this->lay('TP-POS', $beet, new Piece($beet->id, 0, 300, 2200), ['Natural white']);
    }

    private function send(string $file, string $called): Artwork
    {
        $artwork = app(SendArtwork::class)($this->stall, $file, $called);
        (new ReadArtwork($artwork->id))->handle(app(ReadFile::class));
        $artwork->update(['rights' => self::RIGHTS]);

        return $artwork->refresh();
    }

    /** @param  list<string>  $colours */
    private function lay(string $blank, Artwork $artwork, Piece $piece, array $colours): Placed
    {
        /** @var SupplierItem $item */
        $item = SupplierItem::of($this->stall)->with('words')->where('external_id', $blank)->firstOrFail();
        $lay = app(LayOut::class);
        $placed = $lay->new($this->stall, $item, $artwork);
        $first = $placed->placing()->laid[0];
        $lay->say($placed, new Placing([new Laid($first->area, $first->method, [$piece])], $colours, $placed->placing()->sizes));

        return $placed;
    }
}
