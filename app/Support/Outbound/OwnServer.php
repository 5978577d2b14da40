<?php

declare(strict_types=1);

namespace WindowStall\Support\Outbound;

use Illuminate\Http\Client\Response;
use Illuminate\Support\Facades\Http;

/** This machine's own web server, asked as a visitor would ask it: the only call that doesn't go out. */
final class OwnServer
{
    /**
     * @param  string  $at  where it answers, such as http://127.0.0.1:8420
     * @param  string  $host  whose page it is
     * @param  int  $seconds  for the whole of the call
     */
    public static function get(string $at, string $host, string $path, int $seconds): Response
    {
        return Http::withHeaders(['Host' => $host])->withoutRedirecting()->timeout($seconds)->get($at.$path);
    }
}
