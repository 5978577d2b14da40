<?php

declare(strict_types=1);

namespace WindowStall\Support\Console;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use WindowStall\Support\Refusal;

/** Brings the database to the shape this version needs and fills the stand-ins' shelves, where they run. Safe to repeat. */
final class Install extends Command
{
    private const GRANTS = [
        'GRANT USAGE ON SCHEMA public TO %s',
        'GRANT SELECT, INSERT, UPDATE, DELETE ON ALL TABLES IN SCHEMA public TO %s',
        'GRANT USAGE, SELECT ON ALL SEQUENCES IN SCHEMA public TO %s',
    ];

    protected $signature = 'stall:install';

    protected $description = 'Migrate the database and stock the stand-ins';

    public function handle(): int
    {
        $migrated = $this->call('migrate', ['--force' => true, '--database' => 'owner']);
        if ($migrated !== self::SUCCESS) {
            return self::FAILURE;
        }
        $this->grant(
            (string) config('database.connections.pgsql.bound_role', config('database.connections.pgsql.username')),
        );

        return (bool) config('stall.standins.run') ? $this->call('standins:restock') : self::SUCCESS;
    }

    /** What the role that the program works as may do: read and write rows, within the policies. */
    private function grant(string $role): void
    {
        $owner = DB::connection('owner');
        $bound = $owner->selectOne('SELECT rolsuper OR rolbypassrls AS free FROM pg_roles WHERE rolname = ?', [$role]);
        if ($bound === null || $bound->free) {
            throw new Refusal(
                sprintf(
                    'The database role “%s” doesn’t exist or isn’t bound by row-level security. Make it with '.
                        'NOSUPERUSER and NOBYPASSRLS.',
                    $role,
                ),
            );
        }
        foreach (self::GRANTS as $grant) {
            $owner->statement(sprintf($grant, '"'.$role.'"'));
        }
    }
}
