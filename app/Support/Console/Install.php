<?php

declare(strict_types=1);

namespace WindowStall\Support\Console;

use Illuminate\Console\Command;

/** Brings the database to the shape this version needs and fills the stand-ins' shelves. Safe to repeat. */
final class Install extends Command
{
    protected $signature = 'stall:install';

    protected $description = 'Migrate the database and stock the stand-ins';

    public function handle(): int
    {
        return $this->call('migrate', ['--force' => true]) === self::SUCCESS ? $this->call('standins:restock') : self::FAILURE;
    }
}
