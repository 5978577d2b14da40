<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Source;

use WindowStall\Source\Connectors\Access;

final class OakumConnectorTest extends ConnectorContract
{
    protected function kind(): string
    {
        return 'oakum';
    }

    protected function well(): Access
    {
        return new Access((string) config('stall.oakum.address'), 'oakum-second-key');
    }
}
