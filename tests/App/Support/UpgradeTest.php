<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Support;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Config;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use PHPUnit\Framework\Attributes\Group;
use stdClass;
use WindowStall\Support\Refusal;
use WindowStall\Tests\App\AppTestCase;

/**
 * A database of an earlier state becomes one of today with everything in it. Rows of the earlier state are made from its
 * own shape: one in every table, each column that has to be given given something of its type.
 */
#[Group('slow')]
final class UpgradeTest extends AppTestCase
{
    /** Made empty by bin/test: the tables' owner makes no databases. */
    private const NAME = 'window_stall_test_earlier';

    /** Migrations of the first state there is: what takes over a database of before, and one per area. */
    private const FIRST = 16;

    private const COLUMNS = <<<'SQL'
        SELECT attribute.attname AS name, type.typname AS type, attribute.atttypmod - 4 AS letters,
               attribute.attnotnull AND NOT attribute.atthasdef AND attribute.attidentity = '' AS needed
        FROM pg_attribute AS attribute
        JOIN pg_type AS type ON type.oid = attribute.atttypid
        WHERE attribute.attrelid = to_regclass(:table)
          AND attribute.attnum > 0
          AND NOT attribute.attisdropped
          AND attribute.attgenerated = ''
        SQL;

    private const NEEDS = <<<'SQL'
        SELECT child.relname AS child, parent.relname AS parent, attribute.attname AS name
        FROM pg_constraint AS held
        JOIN pg_class AS child ON child.oid = held.conrelid
        JOIN pg_class AS parent ON parent.oid = held.confrelid
        JOIN pg_attribute AS attribute ON attribute.attrelid = held.conrelid AND attribute.attnum = held.conkey[1]
        WHERE held.contype = 'f'
          AND child.relnamespace = 'public'::regnamespace
        SQL;

    protected function setUp(): void
    {
        parent::setUp();
        Config::set('database.connections.earlier', ['database' => self::NAME] + config('database.connections.owner'));
        DB::setDefaultConnection('earlier');
        DB::statement('DROP SCHEMA public CASCADE');
        DB::statement('CREATE SCHEMA public');
    }

    protected function tearDown(): void
    {
        DB::purge('earlier');
        DB::setDefaultConnection('pgsql');
        parent::tearDown();
    }

    /** @return list<string> the connection of the workshop alone */
    protected function connectionsToTransact(): array
    {
        return [];
    }

    public function test_a_database_made_step_by_step_goes_on_with_the_tables_by_area_and_loses_nothing(): void
    {
        $this->migrate(self::FIRST);
        $today = DB::table('migrations')->orderBy('id')->pluck('migration')->all();
        $shape = $this->shape();
        $made = $this->oneInEveryTable();
        $this->madeBefore('2026_11_25_000100_framework', '2026_11_25_001000_oakum', '2026_12_13_000300_changes_that_asked');

        $this->migrate(self::FIRST);

        foreach ($made as $table) {
            self::assertSame(1, DB::table($table)->count(), $table.' keeps its row');
        }
        self::assertSame($shape, $this->shape());
        self::assertEqualsCanonicalizing(
            ['2026_11_25_001000_oakum', ...$today],
            DB::table('migrations')->pluck('migration')->all(),
            'a stand-in’s own stays noted',
        );
        $this->migrate();
        $this->assertBehindTheWall();
    }

    public function test_a_database_on_the_way_is_told_by_which_version_it_gets_there_and_stays_as_it_is(): void
    {
        $this->migrate(self::FIRST);
        $this->madeBefore('2026_11_25_000100_framework', '2026_12_02_003800_shelves');
        $shape = $this->shape();
        try {
            $this->migrate();
            self::fail('It was taken over halfway.');
        } catch (Refusal $refused) {
            self::assertStringContainsString('git checkout', $refused->getMessage());
        }
        self::assertSame(2, DB::table('migrations')->count());
        self::assertSame($shape, $this->shape());
    }

    public function test_it_can_be_upgraded_from_every_state_in_between(): void
    {
        $all = count($this->files());
        for ($n = self::FIRST; $n <= $all; $n++) {
            $this->setUp();
            $this->migrate($n);
            $made = $this->oneInEveryTable();
            $this->migrate();
            self::assertSame($all, DB::table('migrations')->count(), 'from state '.$n);
            foreach ($made as $table) {
                if (DB::selectOne('SELECT to_regclass(?) AS here', [$table])->here !== null) {
                    self::assertGreaterThanOrEqual(1, DB::table($table)->count(), $table.' lost its row');
                }
            }
        }
    }

    public function test_upgrading_twice_changes_nothing(): void
    {
        $this->migrate();
        $shape = $this->shape();
        $this->migrate();
        self::assertSame($shape, $this->shape());
    }

    /** Notes these migrations in place of those of today. */
    private function madeBefore(string ...$migrations): void
    {
        DB::table('migrations')->delete();
        foreach ($migrations as $migration) {
            DB::table('migrations')->insert(['migration' => $migration, 'batch' => 1]);
        }
    }

    /** @param  int|null  $upTo  so many of the migrations; all when null */
    private function migrate(?int $upTo = null): void
    {
        $folder = sys_get_temp_dir().'/migrations-'.bin2hex(random_bytes(6));
        File::makeDirectory($folder);
        foreach (array_slice($this->files(), 0, $upTo) as $file) {
            File::copy($file, $folder.'/'.basename($file));
        }
        try {
            Artisan::call('migrate', ['--force' => true, '--database' => 'earlier', '--path' => $folder, '--realpath' => true]);
        } finally {
            File::deleteDirectory($folder);
        }
    }

    /** @return list<string> */
    private function files(): array
    {
        return glob(database_path('migrations/*.php')) ?: [];
    }

    /** @return list<string> the tables, each with a row */
    private function oneInEveryTable(): array
    {
        $needs = [];
        foreach (DB::select(self::NEEDS) as $need) {
            $needs[$need->child][$need->name] = $need->parent;
        }
        $left = array_column(
            DB::select("SELECT tablename AS name FROM pg_tables WHERE schemaname = 'public' AND tablename <> 'migrations'"),
            'name',
        );
        $made = [];
        while ($left !== []) {
            $before = count($left);
            foreach ($left as $n => $table) {
                $parents = array_diff(array_unique($needs[$table] ?? []), $made, [$table]);
                // What points back to what is made of it is told later, or never.
                $later = $table === 'stalls' ? [['listings']] : [['pictures'], ['revisions']];
                if ($parents === [] || in_array(array_values($parents), $later, true)) {
                    $this->insert($table, array_diff($needs[$table] ?? [], $parents));
                    $made[] = $table;
                    unset($left[$n]);
                }
            }
            if (count($left) === $before) {
                self::fail('These need each other: '.implode(', ', $left));
            }
        }

        return $made;
    }

    /** @param  array<string, string>  $needs  column → the table it points to */
    private function insert(string $table, array $needs): void
    {
        $row = [];
        foreach (DB::select(self::COLUMNS, ['table' => $table]) as $column) {
            if (isset($needs[$column->name]) && $needs[$column->name] !== $table) {
                $row[$column->name] = DB::table($needs[$column->name])->value('id');
            } elseif ((bool) $column->needed && $column->name !== 'id') {
                $row[$column->name] = $this->value($column);
            } elseif ($column->name === 'id' && in_array($column->type, ['uuid', 'varchar', 'bpchar'], true)) {
                $row['id'] = '3f2a8e1c-0b4d-4c7e-9a51-7d1f0e6b2c34';
            }
        }
        DB::table($table)->insert($row);
    }

    private function value(stdClass $column): mixed
    {
        $words = match ($column->name) {
            'currency', 'from' => 'GBP',
            'market', 'home_market', 'country', 'destination', 'warehouse' => 'GB',
            'state' => 'done',
            'kind' => 'oakum',
            'handle' => 'earlier',
            'external_id' => 'OD-1048',
            default => 'x',
        };

        return match ($column->type) {
            // Arrays of PostgreSQL look the same when they are empty.
            'json', 'jsonb', '_text', '_int8' => '{}',
            'bool' => false,
            'timestamp', 'timestamptz' => '2026-11-20 10:00:00',
            'date' => '2026-11-20',
            'uuid' => '3f2a8e1c-0b4d-4c7e-9a51-7d1f0e6b2c34',
            'bytea' => '',
            'varchar', 'text', 'bpchar' => (int) $column->letters > 0 ? mb_substr($words, 0, (int) $column->letters) : $words,
            default => 1,
        };
    }

    private function assertBehindTheWall(): void
    {
        $open = DB::select(<<<'SQL'
            SELECT class.relname AS name
            FROM pg_class AS class
            JOIN pg_attribute AS attribute ON attribute.attrelid = class.oid AND attribute.attname = 'stall_id'
            WHERE class.relnamespace = 'public'::regnamespace
              AND class.relkind IN ('r', 'p')
              AND NOT class.relrowsecurity
              AND class.relname NOT IN ('memberships', 'personal_access_tokens')
            SQL);
        self::assertSame([], array_column($open, 'name'), 'an upgraded database has the walls of a new one');
    }

    /** @return list<string> every column of every table, and what is held of it */
    private function shape(): array
    {
        $rows = DB::select(<<<'SQL'
            SELECT table_name || '.' || column_name || ' ' || data_type || ' ' || is_nullable AS line
            FROM information_schema.columns
            WHERE table_schema = 'public'
            ORDER BY 1
            SQL);

        return array_values(array_map(strval(...), array_column($rows, 'line')));
    }
}
