<?php

declare(strict_types=1);

namespace WindowStall\Support\Queue;

use Illuminate\Database\DatabaseManager;
use Illuminate\Queue\Connectors\ConnectorInterface;

final readonly class FairConnector implements ConnectorInterface
{
    public function __construct(private DatabaseManager $databases)
    {
    }

    /** @param  array{queue: string, retry_after: int, after_commit: bool, retry_after_of: array<string, int>}  $config */
    public function connect(array $config): FairQueue
    {
        return new FairQueue(
            $this->databases->connection(),
            $config['queue'],
            $config['retry_after'],
            $config['after_commit'],
            $config['retry_after_of'],
        );
    }
}
