<?php

declare(strict_types=1);

namespace WindowStall\Bench\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\StreamedResponse;
use WindowStall\Bench\Carrying\Columns;
use WindowStall\Bench\Carrying\ListingFile;
use WindowStall\Bench\Carrying\ListingRecords;
use WindowStall\Bench\Jobs\ImportFile;
use WindowStall\Bench\Views\ImportedView;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunKind;
use WindowStall\Runs\RunState;
use WindowStall\Runs\Views\RunView;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;
use WindowStall\Support\Http\Typed;
use WindowStall\Support\Refusal;

/** Listings out and in, in open formats; docs/formats.md describes them. */
final class CarryController
{
    public function export(Request $request, Stall $stall): StreamedResponse
    {
        $json = Typed::text($request, 'as') === 'json';
        $name = sprintf('%s-listings-%s.%s', $stall->handle, Clock::of($stall)->today(), $json ? 'json' : 'csv');

        return response()->streamDownload(
            static function () use ($stall, $json): void {
                $out = fopen('php://output', 'w');
                \assert($out !== false);
                $json ? self::json($stall, $out) : self::csv($stall, $out);
                fclose($out);
            },
            $name,
            ['Content-Type' => $json ? 'application/json' : 'text/csv; charset=utf-8'],
        );
    }

    /** Keeps the file; it is read in the background. One that can't be listings at all is refused at once. */
    public function import(Request $request, Stall $stall): JsonResponse
    {
        $file = $request->file('file');
        if (! ($file instanceof UploadedFile) || ! $file->isValid()) {
            throw new Refusal('The file didn’t arrive whole. Send it again.');
        }
        ListingFile::at($file->getPathname());
        $kept = 'imports/'.$stall->id.'/'.Str::uuid();
        $in = fopen($file->getPathname(), 'r') ?: throw new Refusal('The file didn’t arrive whole. Send it again.');
        Storage::writeStream($kept, $in);
        $run = Run::of($stall)
            ->create([
                'kind' => RunKind::Import,
                'subject' => ['file' => $kept],
                'user_id' => $request->user()?->getAuthIdentifier(),
                'state' => RunState::Waiting,
            ]);

        return new JsonResponse(RunView::of($run->begin(ImportFile::class)->refresh()));
    }

    /** What bringing listings in came to, listing by listing. */
    public function imported(Stall $stall, Run $run): JsonResponse
    {
        return new JsonResponse(ImportedView::of($stall, $run));
    }

    /** @param  resource  $out */
    private static function csv(Stall $stall, $out): void
    {
        fwrite($out, "\xEF\xBB\xBF");
        fputcsv($out, Columns::all(), escape: '', eol: "\r\n");
        foreach (ListingRecords::all($stall) as $record) {
            foreach (ListingRecords::rows($record) as $row) {
                fputcsv($out, $row, escape: '', eol: "\r\n");
            }
        }
    }

    /** @param  resource  $out */
    private static function json(Stall $stall, $out): void
    {
        fwrite(
            $out,
            '{"format":"window-stall/listings","version":1,"stall":'.json_encode($stall->handle).',"listings":[',
        );
        foreach (ListingRecords::all($stall) as $n => $record) {
            $record['variants'] = array_map(
                static fn (array $v): array => ['options' => (object) $v['options']] + $v,
                $record['variants'],
            );
            fwrite(
                $out,
                ($n === 0 ? '' : ',').
                    "\n".
                    json_encode($record, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR),
            );
        }
        fwrite($out, "\n]}\n");
    }
}
