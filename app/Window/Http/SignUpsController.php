<?php

declare(strict_types=1);

namespace WindowStall\Window\Http;

use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\StreamedResponse;
use WindowStall\Stall\Stall;
use WindowStall\Support\Cell;

/** The addresses shoppers left, as a CSV file with what each agreed to, where and when. */
final readonly class SignUpsController
{
    public function __invoke(Stall $stall): StreamedResponse
    {
        return new StreamedResponse(
            function () use ($stall): void {
                $out = fopen('php://output', 'w') ?: throw new \RuntimeException('Nothing can be written.');
                fputcsv($out, ['email', 'agreed to', 'where', 'when'], escape: '', eol: "\r\n");
                foreach (DB::table('sign_ups')->where('stall_id', $stall->id)->orderBy('id')->lazyById(500) as $row) {
                    $cells = [
                        (string) $row->email,
                        (string) $row->consent,
                        (string) $row->source,
                        $row->agreed_at.' UTC',
                    ];
                    fputcsv($out, array_map(Cell::safe(...), $cells), escape: '', eol: "\r\n");
                }
            },
            200,
            [
                'Content-Type' => 'text/csv; charset=utf-8',
                'Content-Disposition' => 'attachment; filename="sign-ups.csv"',
            ],
        );
    }
}
