<?php

declare(strict_types=1);

namespace WindowStall\Standins\Oakum\Console;

use Illuminate\Console\Command;
use WindowStall\Standins\Oakum\Books;

/**
 * Makes Oakum Depot's range as large as a big wholesaler's, for trying the program at size. Done once, it does nothing
 * more.
 */
final class Enlarge extends Command
{
    protected $signature = 'standins:enlarge {--variants=100000 : how many variants Oakum Depot shall have at least}';

    protected $description = 'Make Oakum Depot 100,000 variants large';

    public function handle(): int
    {
        Books::enlarge((int) $this->option('variants'));
        $this->info(
            sprintf(
                'Oakum Depot: %s items, %s variants.',
                number_format(Books::table('items')->count()),
                number_format(Books::table('variants')->count()),
            ),
        );

        return self::SUCCESS;
    }
}
