<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Support;

use Illuminate\Support\Facades\Process;
use PHPUnit\Framework\Attributes\TestWith;
use WindowStall\Tests\App\AppTestCase;

/** What PHP itself gives up on, in the running program: PHP-FPM with its own settings, asked over FastCGI. */
final class FatalErrorTest extends AppTestCase
{
    private const LIMIT = 16 << 20;

    /** How much is left to the program, from enough to far too little. */
    private const LEFT = [16_000_000, 1_000_000, 800_000, 700_000, 600_000, 500_000, 400_000, 300_000];

    #[TestWith(['app', 'workshop.localhost', '/sign-in', '200'])]
    #[TestWith(['shops', 'nobody.shops.localhost', '/', '404'])]
    public function test_a_request_that_runs_out_of_memory_gets_a_plain_page_and_no_path(
        string $pool,
        string $host,
        string $path,
        string $well,
    ): void {
        $plain = 0;
        foreach (self::LEFT as $left) {
            $said = $this->asked($pool, $host, $path, $left);
            if ($said === '') {
                // PHP itself fell over while it read a class; the web server says so then.
                continue;
            }
            $status = preg_match('/^Status: (\d+)/m', $said, $is) === 1 ? $is[1] : '200';
            self::assertContains($status, [$well, '500'], $said);
            self::assertStringNotContainsString('Allowed memory', $said);
            self::assertStringNotContainsString(base_path(), $said);
            $plain += $status === '500' && str_contains($said, 'Something went wrong here.') ? 1 : 0;
            if ($left === self::LEFT[0]) {
                self::assertSame($well, $status, 'with room enough it answers');
            }
        }
        self::assertGreaterThan(0, $plain, 'one of them ran out in the middle and got its page');
    }

    private function asked(string $pool, string $host, string $path, int $left): string
    {
        $asked = Process::env([
            'SCRIPT_FILENAME' => base_path('public/index.php'),
            'SCRIPT_NAME' => '/index.php',
            'REQUEST_METHOD' => 'GET',
            'REQUEST_URI' => $path,
            'QUERY_STRING' => '',
            'SERVER_PROTOCOL' => 'HTTP/1.1',
            'SERVER_NAME' => $host,
            'HTTP_HOST' => $host,
            'BALLAST' => (string) (self::LIMIT - $left),
            'PHP_VALUE' => sprintf("auto_prepend_file=%s/ballast.php\nmemory_limit=%d", __DIR__, self::LIMIT),
        ])->run(['cgi-fcgi', '-bind', '-connect', app()->environmentPath().'/run/'.$pool.'.sock']);

        return $asked->output();
    }
}
