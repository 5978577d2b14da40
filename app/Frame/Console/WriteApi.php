<?php

declare(strict_types=1);

namespace WindowStall\Frame\Console;

use Illuminate\Console\Command;
use WindowStall\Frame\Api\OpenApi;

/** Writes the API's description, for whoever checks it or makes a client from it. */
final class WriteApi extends Command
{
    protected $signature = 'api:description {file : where it is written}';

    protected $description = 'Write the OpenAPI description of the interface for programs';

    public function handle(): int
    {
        $json = (string) (new OpenApi())()->getContent();

        $file = $this->argument('file');

        return is_string($file) && file_put_contents($file, $json."\n") !== false ? self::SUCCESS : self::FAILURE;
    }
}
