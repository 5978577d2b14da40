<?php

declare(strict_types=1);

namespace WindowStall\Tests\Browser\Support;

use Facebook\WebDriver\Chrome\ChromeDriver;
use Facebook\WebDriver\Chrome\ChromeDriverService;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\WebDriverDimension;

/** Starts headless Chromium, as a desk (1280 × 800) or as a phone (390 × 844, touch). */
final class Chrome
{
    private const QUIET = [
        '--headless=new',
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--hide-scrollbars',
        '--force-color-profile=srgb',
    ];

    /** @param  int|null  $port  where every address is asked instead, such as at one of several web machines */
    public static function desk(?int $port = null): ChromeDriver
    {
        $driver = self::start(self::through($port));
        $driver->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', [
            'cmd' => 'Emulation.setDeviceMetricsOverride',
            'params' => ['width' => 1280, 'height' => 800, 'deviceScaleFactor' => 1, 'mobile' => false],
        ]);
        $driver->manage()->window()->setSize(new WebDriverDimension(1280, 800));

        return $driver;
    }

    /** @param  int|null  $port  where every address is asked instead */
    public static function phone(bool $script = true, ?int $port = null): ChromeDriver
    {
        $options = self::through($port);
        $options->setExperimentalOption('mobileEmulation', [
            'deviceMetrics' => ['width' => 390, 'height' => 844, 'pixelRatio' => 1.0, 'touch' => true],
        ]);
        $driver = self::start($options);
        if (! $script) {
            // ChromeDriver itself needs scripting, so it is the shop's own scripts that never arrive.
            foreach (
                ['Network.enable' => [], 'Network.setBlockedURLs' => ['urls' => ['*/shop-assets/*.js']]] as $cmd => $params
            ) {
                $driver->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', [
                    'cmd' => $cmd,
                    'params' => (object) $params,
                ]);
            }
        }

        return $driver;
    }

    private static function through(?int $port): ChromeOptions
    {
        $options = new ChromeOptions();

        return $port === null ? $options : $options->addArguments(['--host-resolver-rules=MAP * 127.0.0.1:'.$port]);
    }

    private static function start(ChromeOptions $options): ChromeDriver
    {
        $options->setBinary(is_executable('/usr/bin/chromium') ? '/usr/bin/chromium' : 'chromium');
        $options->addArguments([
            ...self::QUIET,
            '--window-size=1280,800',
            '--user-data-dir='.sys_get_temp_dir().'/window-stall-'.bin2hex(random_bytes(6)),
        ]);
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $port = self::freePort();

        return ChromeDriver::start(
            $capabilities,
            new ChromeDriverService('/usr/bin/chromedriver', $port, ['--port='.$port]),
        );
    }

    private static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new \RuntimeException('No port is free.');
        $name = (string) stream_socket_get_name($socket, false);
        fclose($socket);

        return (int) substr($name, (int) strrpos($name, ':') + 1);
    }
}
