<?php

declare(strict_types=1);

namespace WindowStall\Runs\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\StreamedResponse;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunState;
use WindowStall\Runs\Views\RunView;
use WindowStall\Stall\Stall;
use WindowStall\Support\Cell;

/** Long work: how far it is, stopping it, and what it couldn't use. */
final class RunController
{
    public function show(Stall $stall, Run $run): JsonResponse
    {
        return new JsonResponse(RunView::of($run));
    }

    public function cancel(Stall $stall, Run $run): JsonResponse
    {
        Run::query()
            ->whereKey($run->id)
            ->whereIn('state', [RunState::Waiting, RunState::Running])
            ->update(['state' => RunState::Cancelled, 'ended_at' => now()]);

        return new JsonResponse(RunView::of($run->refresh()));
    }

    /** The rows that couldn't be used, as a table (RFC 4180) that any spreadsheet opens. */
    public function rejects(Stall $stall, Run $run): StreamedResponse
    {
        return response()->streamDownload(
            static function () use ($run): void {
                $out = fopen('php://output', 'w');
                \assert($out !== false);
                fwrite($out, "\xEF\xBB\xBF");
                fputcsv($out, ['row', 'column', 'value', 'reason'], escape: '', eol: "\r\n");
                DB::table('run_rejects')
                    ->where('run_id', $run->id)
                    ->orderBy('row')
                    ->orderBy('id')
                    ->chunk(1000, static function ($rows) use ($out): void {
                        foreach ($rows as $row) {
                            fputcsv(
                                $out,
                                array_map(Cell::safe(...), [
                                    (string) $row->row,
                                    $row->column,
                                    $row->value,
                                    $row->reason,
                                ]),
                                escape: '',
                                eol: "\r\n",
                            );
                        }
                    });
                fclose($out);
            },
            sprintf('left-out-%d.csv', $run->id),
            ['Content-Type' => 'text/csv; charset=utf-8'],
        );
    }
}
