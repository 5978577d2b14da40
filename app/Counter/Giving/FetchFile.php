<?php

declare(strict_types=1);

namespace WindowStall\Counter\Giving;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Symfony\Component\HttpFoundation\StreamedResponse;
use WindowStall\Core\Source\Giving;
use WindowStall\Counter\Order;
use WindowStall\Counter\OrderLine;

/** Hands a file on that was bought, and notes it: of two at once that are one too many, one gets it. */
final class FetchFile
{
    /** @return StreamedResponse|null null where it can't be fetched any more, or isn't there yet */
    public function __invoke(Order $order, int $line): ?StreamedResponse
    {
        $file = DB::transaction(static function () use ($order, $line): ?GivenFile {
            $row = OrderLine::query()
                ->with('ownGood')
                ->where('order_id', $order->id)
                ->where('giving', Giving::Download)
                ->lockForUpdate()
                ->findOrFail($line);
            $fetched = DB::table('file_fetches')->where('order_line_id', $row->id)->count();
            $file = GivenFile::of($order, $row, $fetched);
            if ($file === null || $file->left === 0 || $row->ownGood?->file === null) {
                return null;
            }
            DB::table('file_fetches')->insert([
                'stall_id' => $order->stall_id,
                'order_line_id' => $row->id,
                'file_name' => $file->name,
                'fetched_at' => now(),
            ]);

            return $file;
        });

        return $file === null ? null : Storage::download((string) $file->line->ownGood?->file, $file->name, [
            'Content-Type' => 'application/octet-stream',
            'X-Content-Type-Options' => 'nosniff',
            'Cache-Control' => 'private, no-store',
        ]);
    }
}
