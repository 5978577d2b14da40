<?php

declare(strict_types=1);

/**
 * A supplier that answers oddly, over real HTTP: each answer is of the kind that the file named first says just then.
 *
 *   php serve.php FILE     prints the port it listens on
 */
$kind = static fn (): string => trim((string) file_get_contents($_SERVER['argv'][1]));
$door = stream_socket_server('tcp://127.0.0.1:0') ?: exit(1);
echo substr((string) strrchr((string) stream_socket_get_name($door, false), ':'), 1), "\n";

$head = static fn (string $status, string $more = '', string $type = 'application/json'): string => sprintf(
    "HTTP/1.1 %s\r\nContent-Type: %s\r\nConnection: close\r\n%s\r\n",
    $status,
    $type,
    $more,
);
while ($guest = @stream_socket_accept($door, 600)) {
    fread($guest, 65_536);
    $answer = match ($kind()) {
        'silent' => '',
        'torn' => $head('200 OK', "Content-Length: 5000\r\n").'{"items": [{"code": "OD-1", "ti',
        'no http' => "220 mail.example ESMTP\r\n",
        'half a head' => 'HTTP/1.1 200 O',
        'html' => $head('200 OK', '', 'text/html').'<!doctype html><h1>Welcome</h1>',
        'bad gzip' => $head('200 OK', "Content-Encoding: gzip\r\n")."\x1f\x8b\x08\x00broken",
        'too often' => $head('429 Too Many Requests', "Retry-After: 2\r\n").'{}',
        'no key' => $head('401 Unauthorized').'{}',
        'broken' => $head('500 Internal Server Error', '', 'text/html').'<h1>Oops</h1>',
        'elsewhere' => $head('302 Found', "Location: http://127.0.0.1:1/\r\n"),
        'endless' => null,
        'dripping' => null,
        default => $head('200 OK').$kind(),
    };
    if ($answer === null) {
        $line = $kind() === 'endless' ? str_repeat(' ', 65_536) : ' ';
        fwrite($guest, $head('200 OK'));
        for ($n = 0; $n < ($kind() === 'endless' ? 2_000 : 60) && @fwrite($guest, $line) !== false; $n++) {
            $kind() === 'endless' || usleep(100_000);
            if (feof($guest)) {
                break;
            }
        }
    } else {
        fwrite($guest, $answer);
        $kind() === 'silent' && usleep(1_500_000);
    }
    fclose($guest);
}
