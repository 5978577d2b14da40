<?php

declare(strict_types=1);

namespace WindowStall\Print\Making;

use Illuminate\Support\Facades\Storage;
use WindowStall\Support\Outbound\Fetch;

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

    public function put(string $address, string $file): void
    {
        file_put_contents($file, Storage::readStream($this->kept($address)));
    }
}
