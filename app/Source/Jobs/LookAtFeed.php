<?php

declare(strict_types=1);

namespace WindowStall\Source\Jobs;

use WindowStall\Runs\Run;
use WindowStall\Runs\RunJob;
use WindowStall\Source\Feeds\FeedSample;
use WindowStall\Source\SupplierConnection;

/** Reads the first rows of a supplier's file, so that a person can say what its columns mean. */
final class LookAtFeed extends RunJob
{
    public int $timeout = 55;

    protected static function queueName(): string
    {
        return 'looks';
    }

    public function handle(): void
    {
        $run = Run::query()->find($this->runId);
        $connection = SupplierConnection::query()->find((int) ($run->subject['connection'] ?? 0));
        if ($run === null || $connection === null) {
            return;
        }
        $run->perform(
            'Fetching the file',
            static fn () => FeedSample::read($connection),
            'Something went wrong here while reading the file. It has been noted; read it again.',
        );
    }
}
