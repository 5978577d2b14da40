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
        return self::send($at, $host, 'GET', $path, $seconds);
    }

    /**
     * The same with what is typed into a form, and more that a visitor's browser says.
     *
     * @param  array<mixed>  $form
     * @param  array<string, string>  $headers
     */
    public static function send(
        string $at,
        string $host,
        string $verb,
        string $path,
        int $seconds,
        array $form = [],
        array $headers = [],
    ): Response {
        return Http::withHeaders(['Host' => $host] + $headers)
            ->withoutRedirecting()
            ->timeout($seconds)
            ->asForm()
            ->send($verb, $at.$path, $verb === 'GET' ? [] : ['form_params' => $form]);
    }
}
