<?php

declare(strict_types=1);

namespace WindowStall\Print\Files;

use Illuminate\Support\Facades\Storage;
use WindowStall\Core\Print\FilePlan;
use WindowStall\Core\Print\PrintedItem;
use WindowStall\Core\Source\Blank;
use WindowStall\Print\Artwork\UsedArtworks;
use WindowStall\Print\Placing\Placed;
use WindowStall\Source\Connectors\Access;
use WindowStall\Source\Connectors\PrintOrder;
use WindowStall\Source\Connectors\PrintsArtwork;
use WindowStall\Source\Connectors\SupplierTrouble;
use WindowStall\Source\SupplierVariant;
use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;

/** What is to be printed for ordered goods: how artwork lay when they were sold, and the files of it. */
final readonly class PrintOrders
{
    public function __construct(private MakeFile $file)
    {
    }

    /**
     * How artwork lies on that now.
     *
     * @return array{placing_id: int, placing_revision: int}|null null for what isn't printed
     */
    public static function stands(SupplierVariant $variant): ?array
    {
        $placed = Placed::query()->where('made_item_id', $variant->supplier_item_id)->first();

        return $placed === null ? null : ['placing_id' => $placed->id, 'placing_revision' => (int) $placed->made_revision];
    }

    /**
     * Makes the files where they aren't made yet, sends them where they aren't there yet, and says what is printed.
     *
     * @return list<PrintOrder> none for what isn't printed
     *
     * @throws SupplierTrouble|Refusal
     */
    public function of(
        Stall $stall,
        SupplierVariant $variant,
        ?int $placing,
        ?int $revision,
        PrintsArtwork $house,
        Access $access,
    ): array {
        $placed = $placing === null ? null : Placed::of($stall)->with('blankItem.words')->find($placing);
        if ($placed === null || $revision === null) {
            return [];
        }
        $said = $placed->said();
        $blank = $placed->blank();
        [$colour, $size] = self::options($placed, $variant->external_id);
        $laid = $placed->placingAt($revision);
        $prints = [];
        foreach (UsedArtworks::of($stall, $laid)->on($blank, $laid, $colour) as [$area, $pieces, $ground]) {
            $on = $laid->on($area->code);
            $method = $on === null ? null : $blank->method($on->method);
            if ($method === null) {
                throw new Refusal('The print house doesn’t print '.$area->name.' that way any more.');
            }
            $file = ($this->file)($stall, $said->id, $area, FilePlan::of($blank, $area, $method, $size), $pieces, $ground);
            if (! $house->hasFile($access, $file->sha256)) {
                $house->sendFile($access, $file->sha256, (string) Storage::get($file->path));
            }
            $prints[] = new PrintOrder($area->code, $method->code, $file->sha256, $file->width, $file->height, $file->dpi);
        }
        if (count($prints) !== count($laid->printed())) {
            throw new Refusal('An artwork that lies on it can’t be read any more. Lay another on it in Print.');
        }

        return $prints;
    }

    /** The print house said no to it: that is read where it is laid out, too. */
    public static function refused(int $placing, string $why): void
    {
        Placed::query()->whereKey($placing)->update(['refusal' => mb_substr($why, 0, 500)]);
    }

    /** @return array{string, string} colour and size, by the print house's words */
    private static function options(Placed $placed, string $variant): array
    {
        foreach ($placed->said()->variants as $one) {
            if (PrintedItem::id($one->id, $placed->id) === $variant) {
                return [$one->options[Blank::COLOUR] ?? '', $one->options[Blank::SIZE] ?? ''];
            }
        }
        throw new Refusal('The print house doesn’t list this colour and size any more.');
    }
}
