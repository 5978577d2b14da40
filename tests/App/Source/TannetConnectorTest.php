<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Source;

use WindowStall\Source\Connectors\Access;

final class TannetConnectorTest extends ConnectorContract
{
    protected function kind(): string
    {
        return 'tannet';
    }

    protected function well(): Access
    {
        return new Access((string) config('stall.tannet.address'), 'tannet-second-key');
    }
}
