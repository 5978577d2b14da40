<?php

declare(strict_types=1);

namespace WindowStall\Bench\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Symfony\Component\HttpFoundation\StreamedResponse;
use WindowStall\Bench\Carrying\Columns;
use WindowStall\Bench\Carrying\ImportListings;
use WindowStall\Bench\Carrying\ListingRecords;
use WindowStall\Core\Feeds\Reject;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Support\Refusal;

/** Listings out and in, in open formats; docs/formats.md describes them. */
final class CarryController
{
    private const SHOWN = 200;

    public function export(Request $request, Stall $stall): StreamedResponse
    {
        $json = $request->string('as')->toString() === 'json';
        $name = sprintf('%s-listings-%s.%s', $stall->handle, today()->toDateString(), $json ? 'json' : 'csv');

        return response()->streamDownload(static function () use ($stall, $json): void {
            $out = fopen('php://output', 'w');
            \assert($out !== false);
            $json ? self::json($stall, $out) : self::csv($stall, $out);
            fclose($out);
        }, $name, ['Content-Type' => $json ? 'application/json' : 'text/csv; charset=utf-8']);
    }

    public function import(Request $request, Stall $stall, ImportListings $import): JsonResponse
    {
        $file = $request->file('file');
        if (! $file instanceof UploadedFile || ! $file->isValid()) {
            throw new Refusal('The file didn’t arrive whole. Send it again.');
        }
        $user = $request->user();
        $done = $import($stall, $user instanceof User ? $user : null, $file->getPathname());

        return new JsonResponse([
            'words' => $done->words(), 'change' => $done->change?->id,
            'rejects' => array_map(static fn (Reject $r): array => ['row' => $r->row, 'column' => $r->column, 'value' => $r->value, 'reason' => $r->reason], array_slice($done->rejects, 0, self::SHOWN)),
        ]);
    }

    /** @param  resource  $out */
    private static function csv(Stall $stall, $out): void
    {
        fwrite($out, "\xEF\xBB\xBF");
        fputcsv($out, Columns::all(), escape: '');
        foreach (ListingRecords::all($stall) as $record) {
            foreach (ListingRecords::rows($record) as $row) {
                fputcsv($out, $row, escape: '');
            }
        }
    }

    /** @param  resource  $out */
    private static function json(Stall $stall, $out): void
    {
        fwrite($out, '{"format":"window-stall/listings","version":1,"stall":'.json_encode($stall->handle).',"listings":[');
        foreach (ListingRecords::all($stall) as $n => $record) {
            $record['variants'] = array_map(static fn (array $v): array => ['options' => (object) $v['options']] + $v, $record['variants']);
            fwrite($out, ($n === 0 ? '' : ',')."\n".json_encode($record, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR));
        }
        fwrite($out, "\n]}\n");
    }
}
