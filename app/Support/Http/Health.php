<?php

declare(strict_types=1);

namespace WindowStall\Support\Http;

use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Throwable;

/** Says whether all is well: the database answers and its tables are there. */
final class Health
{
    public function __invoke(): Response
    {
        try {
            DB::table('stalls')->limit(1)->get();
        } catch (Throwable $e) {
            report($e);

            return new Response("The database doesn’t answer.\n", 503, ['Content-Type' => 'text/plain; charset=utf-8']);
        }

        return new Response("All is well.\n", 200, ['Content-Type' => 'text/plain; charset=utf-8']);
    }
}
