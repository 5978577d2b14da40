<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Support;

use Symfony\Component\Process\Process;
use WindowStall\Tests\App\AppTestCase;

/** The commands a person types, where they refuse. */
final class StartTest extends AppTestCase
{
    public function test_a_word_it_doesnt_know_is_refused(): void
    {
        foreach (['bin/start' => '--sideways', 'bin/test' => 'sideways'] as $command => $word) {
            $run = $this->attempt([$command, $word]);
            self::assertSame(1, $run->getExitCode());
            self::assertStringContainsString('not '.$word, $run->getErrorOutput());
        }
    }

    public function test_a_taken_port_gets_one_sentence_and_nothing_is_started(): void
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: self::fail('no port');
        $port = (string) parse_url('tcp://'.stream_socket_get_name($socket, false), PHP_URL_PORT);
        $run = $this->attempt(
            [
                'bash',
                '-c',
                'root='.
                base_path().
                '; . bin/lib/common.sh; . bin/lib/web.sh; use_instance test 8421; home=$(mktemp -d); mkdir -p '.
                    '$home/run; start_php_and_nginx',
            ],
            ['WINDOW_STALL_PORT' => $port],
        );
        fclose($socket);
        self::assertSame(1, $run->getExitCode());
        self::assertSame(
            "Port $port is taken by another program. Set WINDOW_STALL_PORT to a free one, or end the program that ".
                'holds it.',
            trim($run->getErrorOutput()),
        );
    }

    public function test_a_full_disk_gets_one_sentence(): void
    {
        $run = $this->attempt(['bash', '-c', 'root='.base_path().'; . bin/lib/common.sh; need_room 99999999']);
        self::assertSame(1, $run->getExitCode());
        self::assertMatchesRegularExpression(
            '/^The disk is nearly full: 99999999 MB are needed under .+ and \d+ MB are free\. Make room and start '.
                'again\.$/',
            trim($run->getErrorOutput()),
        );
    }

    public function test_a_missing_tool_is_named(): void
    {
        $run = $this->attempt([
            'bash',
            '-c',
            'root='.
            base_path().
            '; . bin/lib/common.sh; . bin/lib/packages.sh; id() { echo 1000; }; dpkg-query() { return 1; }; '.
                'command() { [ "$2" != sudo ]; }; need_room() { :; }; debian_packages some-tool',
        ]);
        self::assertSame(1, $run->getExitCode());
        self::assertStringContainsString(
            "only root may install them: run 'apt-get install some-tool' as root, then start again.",
            $run->getErrorOutput(),
        );
    }

    /**
     * @param  list<string>  $command
     * @param  array<string, string>  $env
     */
    private function attempt(array $command, array $env = []): Process
    {
        $run = new Process($command, base_path(), $env);
        $run->setTimeout(20);
        $run->run();

        return $run;
    }
}
