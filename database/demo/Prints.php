<?php

declare(strict_types=1);

namespace WindowStall\Demo;

use WindowStall\Core\Print\Lettering\Lettering;
use WindowStall\Core\Print\Placing\Laid;
use WindowStall\Core\Print\Placing\Piece;
use WindowStall\Core\Print\Placing\Placing;
use WindowStall\Print\Artwork\Artwork;
use WindowStall\Print\Artwork\ReadFile;
use WindowStall\Print\Artwork\SendArtwork;
use WindowStall\Print\Artwork\WriteArtwork;
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
        $this->card();
    }

    /** A seed packet's card: a drawing and words on a ground. */
    private function card(): void
    {
        $words = app(WriteArtwork::class)($this->stall, Lettering::read("Sow early,\neat late", 'fraunces', '#2e5d3c', 'middle'));
        $words = $this->read($words);
        $peas = Artwork::of($this->stall)->where('name', 'Peas')->firstOrFail();
        $this->lay('TP-CRD', $peas, new Piece($peas->id, 0, 60, 560), [], '#f2ead8', [new Piece($words->id, 0, 960, 480)]);
    }

    private function send(string $file, string $called): Artwork
    {
        return $this->read(app(SendArtwork::class)($this->stall, $file, $called));
    }

    private function read(Artwork $artwork): Artwork
    {
        (new ReadArtwork($artwork->id))->handle(app(ReadFile::class));
        $artwork->update(['rights' => self::RIGHTS]);

        return $artwork->refresh();
    }

    /**
     * @param  list<string>  $colours  none for all
     * @param  list<Piece>  $more  that lie there, too
     */
    private function lay(
        string $blank,
        Artwork $artwork,
        Piece $piece,
        array $colours,
        ?string $ground = null,
        array $more = [],
    ): Placed {
        /** @var SupplierItem $item */
        $item = SupplierItem::of($this->stall)->with('words')->where('external_id', $blank)->firstOrFail();
        $lay = app(LayOut::class);
        $placed = $lay->new($this->stall, $item, $artwork);
        $now = $placed->placing();
        $laid = new Laid($now->laid[0]->area, $now->laid[0]->method, [$piece, ...$more], $ground);
        $lay->say($placed, new Placing([$laid], $colours === [] ? $now->colours : $colours, $now->sizes));

        return $placed;
    }
}
