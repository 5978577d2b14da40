<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Support;

use Dotenv\Dotenv;
use PHPUnit\Framework\Attributes\Depends;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/**
 * Started as docs/deploying.md says, without bin/start: from what bin/deploy wrote for a real host, over TLS, with no
 * stand-ins beside it.
 */
final class DeployTest extends TestCase
{
    private const HOST = 'stall.example';

    /** The database of {@see UpgradeTest}, which clears it for itself. */
    private const DATABASE = 'window_stall_test_earlier';

    private static string $root;

    private static string $home;

    private static int $port;

    /** @var list<Process> */
    private static array $running = [];

    public static function setUpBeforeClass(): void
    {
        self::$root = dirname(__DIR__, 3);
        self::$home = self::$root.'/var/deployed';
        $test = Dotenv::parse((string) file_get_contents(self::$root.'/var/test/env'));
        self::$port = (int) $test['WINDOW_STALL_PORT'] + 60;
        self::must(['rm', '-rf', self::$home]);
        self::must(['bin/deploy', self::HOST]);
        self::certificate();
        self::settle([
            'WINDOW_STALL_PORT' => (string) self::$port,
            'TLS_LISTEN' => '127.0.0.1:'.self::$port,
            'TLS_CERTIFICATE' => self::$home.'/tls.pem',
            'TLS_KEY' => self::$home.'/tls.key',
            'OWN_PORT' => (string) (self::$port + 1),
            'OWN_ADDRESS' => 'http://127.0.0.1:'.(self::$port + 1),
            'DB_PORT' => (string) $test['DB_PORT'],
            'DB_DATABASE' => self::DATABASE,
            'DB_PASSWORD' => (string) $test['DB_PASSWORD'],
            'PAYMENT_ADDRESS' => 'https://pay.example/v1',
        ]);
        self::must(['bin/deploy']);
        self::must(['php', 'artisan', 'migrate:fresh', '--force', '--database=owner']);
        self::must(['php', 'artisan', 'stall:install']);
    }

    public static function tearDownAfterClass(): void
    {
        foreach (self::$running as $process) {
            $process->stop(10);
        }
        self::$running = [];
    }

    public function test_its_servers_answer_at_their_hosts_over_tls_and_nothing_names_another(): void
    {
        self::start('php', ...(posix_geteuid() === 0 ? ['-R'] : []));
        self::start('web');
        $up = self::get('workshop.'.self::HOST, '/up', patience: 20);
        self::assertSame([200, "All is well.\n"], [$up['status'], $up['body']]);
        $page = self::get('workshop.'.self::HOST, '/sign-in');
        self::assertSame(200, $page['status']);
        self::assertStringContainsString('strict-transport-security: max-age=31536000', strtolower($page['headers']));
        self::assertStringContainsString('secure', strtolower($page['headers']), 'its cookies are');
        self::assertStringNotContainsString('localhost', $page['headers'].$page['body']);
        self::assertSame(404, self::get('nobody.shops.'.self::HOST, '/goods')['status'], 'the program knows no such stall');
        // A ready page lies there as a file.
        $folder = self::$home.'/storage/pages/quillet.shops.'.self::HOST.'/current';
        self::must(['mkdir', '-p', $folder]);
        file_put_contents($folder.'/index.html', '<p>Hand trowels</p>');
        $shop = self::get('quillet.shops.'.self::HOST, '/');
        self::assertSame([200, '<p>Hand trowels</p>'], [$shop['status'], $shop['body']]);
        self::assertStringContainsString("form-action 'self' https://pay.example;", $shop['headers']);
        $workshop = sprintf('https://workshop.%s:%d', self::HOST, self::$port);
        self::assertStringContainsString("frame-ancestors 'self' ".$workshop, $shop['headers']);
        self::assertStringNotContainsString('localhost', $shop['headers']);
        foreach (['oakum.standins.'.self::HOST, 'another.example'] as $host) {
            self::assertStringStartsWith('No stall answers at this host.', self::get($host, '/', verified: false)['body']);
        }
    }

    #[Depends('test_its_servers_answer_at_their_hosts_over_tls_and_nothing_names_another')]
    public function test_what_works_in_the_background_starts_and_stays(): void
    {
        $units = array_map(
            static fn (string $file): string => basename($file, '.service'),
            glob(self::$home.'/units/*.service') ?: [],
        );
        $wanted = (string) file_get_contents(self::$home.'/units/window-stall.target');
        self::assertGreaterThan(10, count($units));
        $behind = array_diff($units, ['window-stall-php', 'window-stall-web']);
        foreach ($behind as $unit) {
            self::assertStringContainsString($unit.'.service', $wanted);
            self::start(substr($unit, strlen('window-stall-')));
        }
        sleep(2);
        foreach (self::$running as $process) {
            self::assertTrue($process->isRunning(), $process->getCommandLine().': '.$process->getOutput().$process->getErrorOutput());
        }
    }

    public function test_what_only_stands_beside_it_is_not_there(): void
    {
        $commands = self::must(['php', 'artisan', 'list', '--raw']);
        self::assertStringContainsString('stall:install', $commands);
        self::assertDoesNotMatchRegularExpression('/^(bench|standins|oakum):|^stall:demo/m', $commands);
        self::assertStringNotContainsString('standins', self::must(['php', 'artisan', 'route:list']));
    }

    public function test_a_host_that_is_none_is_refused_and_settings_are_never_overwritten(): void
    {
        $none = self::process(['bin/deploy', 'not a host'], ['WINDOW_STALL_LIVE' => 'deployed-nowhere']);
        self::assertSame(1, $none->run());
        self::assertStringContainsString('“not a host” is no host name', $none->getErrorOutput());
        $before = file_get_contents(self::$home.'/env');
        self::must(['bin/deploy', 'other.example']);
        self::assertSame($before, file_get_contents(self::$home.'/env'));
    }

    /** @param  array<string, string>  $settings  instead of what bin/deploy began with */
    private static function settle(array $settings): void
    {
        $env = (string) file_get_contents(self::$home.'/env');
        foreach ($settings as $name => $value) {
            $env = (string) preg_replace('/^'.$name.'=.*$/m', $name.'='.$value, $env, 1, $found);
            self::assertSame(1, $found, $name.' is among the settings');
        }
        file_put_contents(self::$home.'/env', $env);
    }

    private static function certificate(): void
    {
        self::must([
            'openssl', 'req', '-x509', '-newkey', 'ec', '-pkeyopt', 'ec_paramgen_curve:prime256v1', '-nodes', '-days', '2',
            '-keyout', self::$home.'/tls.key', '-out', self::$home.'/tls.pem', '-subj', '/CN='.self::HOST,
            '-addext', 'subjectAltName=DNS:workshop.'.self::HOST.',DNS:*.shops.'.self::HOST,
        ]);
    }

    /** Starts a unit's own command, as systemd would. */
    private static function start(string $unit, string ...$more): void
    {
        $text = (string) file_get_contents(self::$home.'/units/window-stall-'.$unit.'.service');
        $process = self::process([...explode(' ', self::said('ExecStart', $text)), ...array_values($more)], [
            'WINDOW_STALL_INSTANCE' => self::said('Environment=WINDOW_STALL_INSTANCE', $text),
        ]);
        $process->start();
        self::$running[] = $process;
    }

    private static function said(string $name, string $unit): string
    {
        return preg_match('/^'.$name.'=(.+)$/m', $unit, $m) === 1 ? $m[1] : self::fail($name.' is missing in '.$unit);
    }

    /** @return array{status: int, headers: string, body: string} */
    private static function get(string $host, string $path, bool $verified = true, int $patience = 0): array
    {
        $end = time() + $patience;
        do {
            $headers = '';
            $curl = curl_init(sprintf('https://%s:%d%s', $host, self::$port, $path));
            curl_setopt_array($curl, [
                CURLOPT_RESOLVE => [sprintf('%s:%d:127.0.0.1', $host, self::$port)],
                CURLOPT_CAINFO => self::$home.'/tls.pem',
                CURLOPT_SSL_VERIFYPEER => $verified,
                CURLOPT_SSL_VERIFYHOST => $verified ? 2 : 0,
                CURLOPT_RETURNTRANSFER => true,
                CURLOPT_HEADERFUNCTION => static function ($curl, string $line) use (&$headers): int {
                    $headers .= $line;

                    return strlen($line);
                },
            ]);
            $body = curl_exec($curl);
            $status = (int) curl_getinfo($curl, CURLINFO_RESPONSE_CODE);
            $wait = ($status === 0 || $status >= 500) && time() < $end;
            $wait && usleep(100_000);
        } while ($wait);
        self::assertIsString($body, $host.': '.curl_error($curl));

        return ['status' => $status, 'headers' => $headers, 'body' => $body];
    }

    /** @param  list<string>  $command */
    private static function must(array $command): string
    {
        return self::process($command)->mustRun()->getOutput();
    }

    /**
     * @param  list<string>  $command
     * @param  array<string, string>  $environment
     */
    private static function process(array $command, array $environment = []): Process
    {
        $tests = array_fill_keys([
            'APP_ENV', 'BCRYPT_ROUNDS', 'CACHE_STORE', 'DB_AS_OWNER', 'MAIL_MAILER', 'QUEUE_CONNECTION', 'SESSION_DRIVER',
            'STANDINS_ALSO_PORT', 'WINDOW_STALL_COMPILED', 'WINDOW_STALL_PORT', 'WINDOW_STALL_SETS_ITSELF',
        ], false);

        return new Process($command, self::$root, $environment + $tests + [
            'WINDOW_STALL_INSTANCE' => 'deployed',
            'WINDOW_STALL_LIVE' => 'deployed',
        ], timeout: 120);
    }
}
