<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Source;

use WindowStall\Source\Connectors\Access;
use WindowStall\Source\Connectors\Feed\FeedFile;
use WindowStall\Tests\Core\Feeds\Samples;

final class FeedConnectorTest extends ConnectorContract
{
    protected function kind(): string
    {
        return 'feed';
    }

    protected function isFile(): bool
    {
        return true;
    }

    protected function well(): Access
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'feed');
        file_put_contents($path, Samples::table(12));
        $kept = FeedFile::keep($path, 0);
        unlink($path);

        return new Access('', '', ['file' => $kept] + $this->settings());
    }

    protected function at(string $address): Access
    {
        return new Access($address.'/goods.csv', '', $this->settings());
    }

    /** @return array<string, mixed> */
    private function settings(): array
    {
        return ['mapping' => Samples::mapping()->toArray(), 'delivery' => "GB; 1 kg; 3,20; 1-2\nGB; 5 kg; 6,40; 1-2\nDE; 1 kg; 9,00; 4-6"];
    }
}
