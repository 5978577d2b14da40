<?php

declare(strict_types=1);

namespace WindowStall\Tests\App;

use Illuminate\Database\Connectors\PostgresConnector;
use PDO;
use PDOException;

/**
 * One line to the database for all tests: to sign in anew takes some 25 ms, and a fresh session knows nothing yet of tables
 * and rights. What a test opens besides is its own.
 */
final class KeptLine extends PostgresConnector
{
    private static ?PDO $line = null;

    private bool $taken = false;

    /** @param  array<string, mixed>  $config */
    public function connect(array $config): PDO
    {
        if ($this->taken || $config['name'] !== 'pgsql') {
            return parent::connect($config);
        }
        $this->taken = true;
        if (self::$line === null || ! $this->isAsNew(self::$line, $config)) {
            self::$line = parent::connect($config);
        }

        return self::$line;
    }

    /**
     * @param  array<string, mixed>  $config
     * @return bool whether nothing of the test before is left on it; not if that broke it
     */
    private function isAsNew(PDO $line, array $config): bool
    {
        try {
            $line->exec('DISCARD ALL');
            $this->configureSearchPath($line, $config);

            return true;
        } catch (PDOException) {
            return false;
        }
    }
}
