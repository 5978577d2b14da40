<?php

declare(strict_types=1);

namespace WindowStall\Stall\Console;

use Illuminate\Console\Command;
use WindowStall\Stall\Door;
use WindowStall\Stall\OneStall;

/** Makes a token by which a program may read a stall. It is shown once and kept as a hash only. */
final class MakeToken extends Command
{
    protected $signature = 'stall:token
        {handle : the stall’s address}
        {--name=command line : what it is for}
        {--decide : whether it may decide what suppliers changed}';

    protected $description = 'Make an API token for a stall';

    public function handle(): int
    {
        [$handle, $name] = [$this->argument('handle'), $this->option('name')];
        $stall = is_string($handle) ? Door::enter($handle) : null;
        if ($stall === null || ! is_string($name)) {
            $this->error(sprintf('No stall has the address “%s”.', is_string($handle) ? $handle : ''));

            return self::FAILURE;
        }
        $abilities = ['read', ...(bool) $this->option('decide') ? ['decide'] : []];
        $this->line($stall->createToken($name, $abilities)->plainTextToken);
        OneStall::leave();

        return self::SUCCESS;
    }
}
